<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Stored\Described;
use NorthBough\Core\Stored\Field;

/** What is said of a record beside where it stands in its source. */
final readonly class RecordHead implements Described
{
    /**
     * @param  string  $kind  code of a kind that ships; empty for none, or where it is one of the user's own
     * @param  string|null  $ownKindId  of an OwnKindRow
     * @param  array<string, string>  $fields  of its head, by code
     */
    public function __construct(
        #[Field(word: 'kind', isSafe: true)] public string $kind,
        #[Field(column: 'record_kind_id', isSafe: true)] public ?string $ownKindId,
        #[Field(column: 'date_typed', word: 'when')] public GenDate $date,
        #[Field(column: 'place_typed', word: 'where')] public string $place,
        public array $fields,
        public string $transcription,
        #[Field(isSafe: true)] public string $sourceClass,
        public string $fileNumber,
        public ?int $toldCount,
    ) {
    }

    public static function none(): self
    {
        return new self('', null, GenDate::phrase(''), '', [], '', 'unstated', '', null);
    }
}
