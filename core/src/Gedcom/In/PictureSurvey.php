<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\PictureTags;
use NorthBough\Core\Gedcom\Structure;

/** Which pictures of a file are taken: those of which a file came with it. The rest stay as they stand. */
final class PictureSurvey
{
    /** @var array<string, array{string, int}> id and the place of the FILE that came, by pointer */
    private array $taken = [];

    /** @param  \Closure(string): bool  $hasFile  told a path: whether that file came too */
    public function __construct(private readonly \Closure $hasFile, private readonly IdMint $mint)
    {
    }

    public function note(Structure $record): void
    {
        if (! PictureTags::isRecord($record) || isset($this->taken[$record->pointer])) {
            return;
        }
        foreach ($record->children as $ordinal => $line) {
            if ($line->tag === 'FILE' && PictureTags::hasPlainForm($line) && ($this->hasFile)($line->payload)) {
                $this->taken[$record->pointer] = [$this->mint->next(), $ordinal];

                return;
            }
        }
    }

    /** The id of a picture that is taken; null of one that stays as it stands. */
    public function id(string $pointer): ?string
    {
        return $this->taken[$pointer][0] ?? null;
    }

    /** The FILE of a record that came. */
    public function file(Structure $record): ?Structure
    {
        return $record->children[$this->taken[$record->pointer][1] ?? -1] ?? null;
    }
}
