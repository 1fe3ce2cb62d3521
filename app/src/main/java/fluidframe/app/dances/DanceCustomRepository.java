package fluidframe.app.dances;

import fluidframe.app.storage.DocumentRepository;

interface DanceCustomRepository extends DocumentRepository<DanceCustomEntity> {}
