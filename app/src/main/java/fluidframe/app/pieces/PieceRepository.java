package fluidframe.app.pieces;

import fluidframe.app.storage.DocumentRepository;

interface PieceRepository extends DocumentRepository<PieceEntity> {}
