<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Handwork;

/** By how much a box was moved by hand, in units of the scene, from where it would stand beside the box it hangs on. */
final readonly class Move
{
    public function __construct(public float $x, public float $y)
    {
    }
}
