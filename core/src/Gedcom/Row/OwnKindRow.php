<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** A kind of source or of record of the user's own, in the open form in which kinds are shared. */
final readonly class OwnKindRow implements Row
{
    /** @param  string  $template  JSON */
    public function __construct(public string $id, public bool $isOfSource, public string $name, public string $template)
    {
    }
}
