<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

final readonly class SourceRow implements Row
{
    /**
     * @param  array<string, array{int, string}>  $written
     * @param  string  $kind  code of a kind that ships
     * @param  array<string, string>  $fields  by code
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $author,
        public string $publication,
        public string $abbreviation,
        public string $text,
        public ?string $repositoryId,
        public string $callNumber,
        public int $ordinal,
        public array $written,
        public ?\DateTimeImmutable $changedAt = null,
        public string $kind = '',
        public ?string $ownKindId = null,
        public array $fields = [],
        public string $listName = '',
    ) {
    }
}
