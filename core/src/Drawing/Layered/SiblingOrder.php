<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/** Whether children always stand in their order, or may leave it where fewer lines cross then. */
enum SiblingOrder
{
    case Kept;
    case FewCrossings;
}
