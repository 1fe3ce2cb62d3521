package fluidframe.app.pieces;

import fluidframe.app.problems.Revision;
import fluidframe.core.piece.Piece;

/** A piece as stored, with its revision. */
public record StoredPiece(Piece piece, PieceDocument document, Revision revision) {
}
