<?php

declare(strict_types=1);

namespace NorthBough\Core\Stored;

use Attribute;

/**
 * What is to be known of one value that is stored, said once, where the value is declared. Whatever is text holds
 * somebody's words, and is redacted before it leaves, unless it is declared safe.
 */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final readonly class Field
{
    /**
     * @param  string  $column  where it is called otherwise there; empty for its own name in snake case
     * @param  string  $word  what the journal calls it; empty where the journal does not tell it
     * @param  string  $tag  its line in a file, beneath that of the whole; empty where a mapping knows the place
     * @param  string  $unsaid  what the column holds where nothing was said, which is an empty text in core
     * @param  list<string>  $oneOf  the words that it can say, where they are few
     * @param  list<string>  $owners  of a FactRef, the kinds of thing that it can hang on
     * @param  bool  $isSafe  an id, a code, a number: nobody's words
     * @param  bool  $namesPerson  ids of people, who are left out where they are living
     * @param  bool  $holdsLines  lines of a file, whose levels and tags stay
     * @param  bool  $isElsewhere  kept in another table, or worked out
     */
    public function __construct(
        public string $column = '',
        public string $word = '',
        public string $tag = '',
        public string $unsaid = '',
        public array $oneOf = [],
        public array $owners = [],
        public bool $isSafe = false,
        public bool $namesPerson = false,
        public bool $holdsLines = false,
        public bool $isElsewhere = false,
    ) {
    }
}
