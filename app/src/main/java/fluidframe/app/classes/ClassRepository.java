package fluidframe.app.classes;

import fluidframe.app.storage.DocumentRepository;

interface ClassRepository extends DocumentRepository<ClassEntity> {}
