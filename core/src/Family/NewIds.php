<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

/** Makes the ids of what is new: each later in order than all before. */
interface NewIds
{
    public function next(): string;
}
