<?php

declare(strict_types=1);

namespace NorthBough\Core\Stored;

use Attribute;

/** The value of core that describes a model's columns, or most of them. */
#[Attribute(Attribute::TARGET_CLASS)]
final readonly class DescribedBy
{
    /** @param  class-string<Described>  $class */
    public function __construct(public string $class)
    {
    }
}
