<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/** What one aspect says of two being one. */
final readonly class WorkingLine
{
    /**
     * @param  float  $weight  log odds to the base 2; below 0 it speaks against
     * @param  string  $says  a sentence that names nobody and no day
     */
    public function __construct(public Aspect $aspect, public float $weight, public string $says)
    {
    }
}
