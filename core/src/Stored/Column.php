<?php

declare(strict_types=1);

namespace NorthBough\Core\Stored;

use Attribute;

/** A column of a model that no value of core describes, or that stands beside those that one does. */
#[Attribute(Attribute::TARGET_CLASS | Attribute::IS_REPEATABLE)]
final readonly class Column
{
    /**
     * @param  string  $word  what the journal calls it; empty where the journal does not tell it
     * @param  bool  $isSafe  an id, a code, a number: nobody's words
     */
    public function __construct(public string $name, public string $word = '', public bool $isSafe = false)
    {
    }
}
