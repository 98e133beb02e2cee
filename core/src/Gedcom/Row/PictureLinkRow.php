<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** That a picture is on somebody, a couple or an event; the main one may have a face cut for the portrait. */
final readonly class PictureLinkRow implements Row
{
    /**
     * @param  array{page: int, left: float, top: float, width: float, height: float}|null  $cut  shares of the page's sides
     * @param  list<array{int, string}>  $kept  lines beneath the link that have no field, each with its place
     */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        public FactRef $owner,
        #[Field(isSafe: true)] public string $pictureId,
        public bool $isMain,
        #[Field(isSafe: true)] public ?array $cut,
        public int $ordinal,
        #[Field(holdsLines: true)] public array $kept = [],
    ) {
    }
}
