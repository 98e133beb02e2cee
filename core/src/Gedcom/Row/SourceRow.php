<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

final readonly class SourceRow implements Row
{
    /**
     * @param  array<string, array{int, string}>  $written
     * @param  string  $kind  code of a kind that ships
     * @param  array<string, string>  $fields  by code
     */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(word: 'title')] public string $title,
        #[Field(word: 'author')] public string $author,
        public string $publication,
        public string $abbreviation,
        #[Field(word: 'words')] public string $text,
        #[Field(isSafe: true)] public ?string $repositoryId,
        public string $callNumber,
        public int $ordinal,
        #[Field(isSafe: true)] public array $written,
        #[Field(isElsewhere: true)] public ?\DateTimeImmutable $changedAt = null,
        #[Field(word: 'kind', isSafe: true)] public string $kind = '',
        #[Field(column: 'source_kind_id', isSafe: true)] public ?string $ownKindId = null,
        public array $fields = [],
        public string $listName = '',
    ) {
    }
}
