<?php

namespace App\Drawing\OwnPieces;

use App\Drawing\Elements\NotSeen;

/** Work of the maker's own. */
final class OwnPiecesShape extends NotSeen {}
