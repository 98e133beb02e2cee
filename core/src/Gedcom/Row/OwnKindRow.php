<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** A kind of source or of record of the user's own, in the open form in which kinds are shared. */
final readonly class OwnKindRow implements Row
{
    /** @param  string  $template  JSON */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isElsewhere: true)] public bool $isOfSource,
        #[Field(word: 'name')] public string $name,
        public string $template,
    ) {
    }
}
