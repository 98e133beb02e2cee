<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** How sure it is that a line of a roll is somebody of the tree. */
enum PlacingState: string
{
    case Placed = 'placed';
    case Probable = 'probable';
    case Alternative = 'alternative';
    case Refused = 'refused';
}
