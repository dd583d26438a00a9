<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

enum SegmentKind: string
{
    case Piece = 'piece';
    case StartTail = 'start tail';
    case Step = 'step';
    case EndTail = 'end tail';
}
