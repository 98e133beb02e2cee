<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** A picture or file as a record of its own, by the path that the file has for it. */
final readonly class PictureRow implements Row
{
    /**
     * @param  string  $form  as the file says it; empty for as the content says
     * @param  string  $medium  photo, book, electronic …; empty where nobody said
     * @param  list<PictureRegion>  $regions  who or what is on it
     * @param  list<string>  $on  ids of everybody on whom it is, or whose events it is on
     * @param  string  $pointer  that its record had in the file; empty for none
     * @param  list<array{int, string}>  $kept  lines beneath the record that have no field, each with its place
     * @param  list<array{int, string}>  $fileKept  the same beneath its FILE
     * @param  string  $restriction  in the words of Restriction; its RESN stays among the kept lines, for its place
     * @param  int  $fileOrdinal  the place of its FILE among the lines of the record
     */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $path,
        #[Field(isSafe: true)] public string $type,
        public string $title,
        #[Field(isSafe: true)] public string $form = '',
        #[Field(isSafe: true)] public string $medium = '',
        public array $regions = [],
        #[Field(isSafe: true)] public array $on = [],
        #[Field(isSafe: true)] public string $pointer = '',
        #[Field(holdsLines: true)] public array $kept = [],
        #[Field(holdsLines: true)] public array $fileKept = [],
        public int $fileOrdinal = 0,
        #[Field(isSafe: true)] public string $restriction = '',
    ) {
    }
}
