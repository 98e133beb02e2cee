<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Out\LineWriter;
use NorthBough\Core\Gedcom\Remark;
use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\FileRefRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\NoteRow;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\RecordRow;
use NorthBough\Core\Gedcom\Row\Row;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/** What the mappings of one file share: the survey, the sink, and the counts of what went by. */
final class MappingContext
{
    public Version $version = Version::V551;

    /** @var array<string, int> */
    public array $counts = ['people' => 0, 'families' => 0, 'events' => 0, 'sources' => 0, 'repositories' => 0, 'records' => 0,
        'media' => 0, 'notes' => 0, 'other' => 0];

    /** @var list<Remark> */
    public array $remarks = [];

    private readonly KeptLineCount $kept;

    /** @var array<int, true> hashes of source, page and words, of which the record has been made */
    private array $records = [];

    /** @var array<string, string> ids of claims and questions that the file numbers, by kind and number */
    private array $labelled = [];

    /** @var array<string, string> claims that were copied, and from which */
    private array $derived = [];

    /** @var list<array{Owner, Structure, \Closure(string): void}> */
    private array $referring = [];

    /** @var array<string, string> ids of records by the number of a claim that cites them */
    private array $recordsCited = [];

    /** @var list<\Closure(): void> */
    private array $lastly = [];

    private string $inWordsId = '';

    public function __construct(
        public readonly Survey $survey,
        private readonly RowSink $sink,
        private readonly IdMint $mint,
    ) {
        $this->kept = new KeptLineCount;
    }

    /** @return list<array{tag: string, count: int, shown: string}> */
    public function kept(): array
    {
        return $this->kept->all();
    }

    public function newId(): string
    {
        return $this->mint->next();
    }

    public function add(Row $row): void
    {
        $this->sink->add($row);
    }

    public function remark(Remark $remark): void
    {
        $this->remarks[] = $remark;
    }

    public function named(Owner $kind, string $id, string $pointer): void
    {
        if ($pointer !== '') {
            $this->sink->add(new FileRefRow($this->newId(), new FactRef($kind, $id), $pointer));
        }
    }

    /**
     * The id of a claim or a question, which a number beneath it may let other lines point at.
     *
     * @param  Structure|null  $number  the first that says it has it
     */
    public function labelled(Owner $kind, ?Structure $number): string
    {
        $id = $this->newId();
        if ($number !== null) {
            $this->labelled["{$kind->value} {$number->payload}"] ??= $id;
        }

        return $id;
    }

    /**
     * Does something with what a line points at, once everything was read.
     *
     * @param  Structure|null  $number  null where nothing is pointed at
     * @param  \Closure(string): void  $with  told the id, or nothing where the file numbers nothing so
     */
    public function refer(Owner $kind, ?Structure $number, \Closure $with): void
    {
        if ($number === null) {
            $with('');

            return;
        }
        $this->referring[] = [$kind, $number, $with];
    }

    /** What a number stands for, once everything was read; empty where the file numbers nothing so. */
    public function numbered(Owner $kind, string $number): string
    {
        return $this->labelled["{$kind->value} {$number}"] ?? '';
    }

    /** Which record a claim of that number cites. */
    public function cites(?Structure $number, string $recordId): void
    {
        if ($number !== null) {
            $this->recordsCited[$number->payload] ??= $recordId;
        }
    }

    /** The record that the claim of a number cites, once everything was read; empty where the file numbers nothing so. */
    public function recordOf(string $number): string
    {
        return $this->recordsCited[$number] ?? '';
    }

    /** @param  \Closure(): void  $work  done once everything was read */
    public function last(\Closure $work): void
    {
        $this->lastly[] = $work;
    }

    /** Which claim another was copied from; nothing where that would go round in a circle. */
    public function derivedFrom(string $claimId, string $onId): string
    {
        for ($at = $onId; $at !== ''; $at = $this->derived[$at] ?? '') {
            if ($at === $claimId) {
                return '';
            }
        }

        return $this->derived[$claimId] = $onId;
    }

    public function finish(): void
    {
        foreach ($this->referring as [$kind, $number, $with]) {
            $id = $this->labelled["{$kind->value} {$number->payload}"] ?? '';
            if ($id === '') {
                $this->remark(
                    new Remark($number->line, "{$number->tag} {$number->payload}", "points to a {$kind->value} that is not in the file"));
            }
            $with($id);
        }
        $this->referring = [];
        foreach ($this->lastly as $work) {
            $work();
        }
        $this->lastly = [];
    }

    /**
     * The record for a page of a source and what the citation gives of its words: one for each that differs.
     *
     * @param  string  $words  the lines of DATA
     */
    public function record(string $sourceId, string $locator, string $words): string
    {
        if ($this->survey->rollLines($sourceId, $locator) !== null) {
            return $this->rollId($sourceId, $locator);
        }
        $told = "{$locator}\n\n{$words}";
        $id = $this->mint->tied($sourceId, $told);
        // Sixty-four bits of a hash as a number: a tenth of the memory that the words would take.
        $key = (int) hexdec(substr(md5("{$sourceId}\n{$told}"), 0, 15));
        if (! isset($this->records[$key])) {
            $this->records[$key] = true;
            $this->sink->add(new RecordRow($id, $sourceId, $locator));
            $this->counts['records']++;
        }

        return $id;
    }

    /** The id of the source that holds what the file cites in words. */
    public function inWords(): string
    {
        if ($this->inWordsId === '') {
            $this->sink->add(TextCitations::source($this->inWordsId = $this->newId()));
        }

        return $this->inWordsId;
    }

    /** The id of a record that the file tells with its roll. */
    public function rollId(string $sourceId, string $locator): string
    {
        return $this->mint->tied($sourceId, "{$locator}\n_RECORD");
    }

    /** The id of a line of such a record, by its number from 1. */
    public function lineId(string $recordId, int $number): string
    {
        return $this->mint->tied($recordId, "line {$number}");
    }

    public function addRecord(RecordRow $row): void
    {
        $this->sink->add($row);
        $this->counts['records']++;
    }

    public function notes(StructureFields $fields, FactRef $owner): void
    {
        foreach ($fields->takeAll(static fn (Structure $s): bool => $s->tag === 'NOTE' && ! $s->isPointer) as $ordinal => $structure) {
            $inner = new StructureFields($structure);
            $id = $this->newId();
            $isResearch = $inner->text('_NB_RESEARCH') !== '';
            $this->add(new NoteRow($id, $owner, $structure->payload, $ordinal, $inner->written(), $isResearch));
            $this->keep($inner, new FactRef(Owner::Note, $id));
            $this->counts['notes']++;
        }
    }

    /** Keeps whatever was not taken. */
    public function keep(StructureFields $fields, FactRef $owner, string $side = ''): void
    {
        foreach ($fields->leftOver() as [$path, $ordinal, $structure]) {
            $this->add(new KeptRow($this->newId(), $owner, '', trim("{$side}/{$path}", '/'), $ordinal, LineWriter::kept($structure)));
            $this->kept->note($owner->kind, $path, $structure->tag);
            $this->remarkOnLostPointers($structure);
        }
    }

    public function keepRecord(Structure $record, int $ordinal): void
    {
        $this->add(new KeptRow($this->newId(), null, $record->pointer, '', $ordinal, LineWriter::kept($record)));
        $this->kept->note(null, '', $record->tag);
        $this->counts[match ($record->tag) {
            'OBJE' => 'media',
            'SNOTE', 'NOTE' => 'notes',
            default => 'other',
        }]++;
        $this->remarkOnLostPointers($record);
    }

    private function remarkOnLostPointers(Structure $structure): void
    {
        if ($structure->isPointer && $structure->payload !== '@VOID@' && ! $this->survey->isKnown($structure->payload)) {
            $this->remark(
                new Remark($structure->line, "{$structure->tag} {$structure->payload}",
                    'points to a record that is not in the file; it is kept as it stands', isPlaced: true));
        }
        foreach ($structure->children as $child) {
            $this->remarkOnLostPointers($child);
        }
    }
}
