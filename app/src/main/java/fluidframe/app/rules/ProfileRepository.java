package fluidframe.app.rules;

import fluidframe.app.storage.DocumentRepository;

interface ProfileRepository extends DocumentRepository<ProfileEntity> {}
