package fluidframe.app.people;

import fluidframe.app.storage.DocumentRepository;

interface PersonRepository extends DocumentRepository<PersonEntity> {}
