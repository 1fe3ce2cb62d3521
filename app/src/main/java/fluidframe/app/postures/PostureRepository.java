package fluidframe.app.postures;

import fluidframe.app.storage.DocumentRepository;

interface PostureRepository extends DocumentRepository<PostureEntity> {}
