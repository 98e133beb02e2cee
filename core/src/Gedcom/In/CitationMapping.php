<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\EvidenceTags;
use NorthBough\Core\Gedcom\Out\LineWriter;
use NorthBough\Core\Gedcom\Row\ClaimClassification;
use NorthBough\Core\Gedcom\Row\ClaimLineRef;
use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\ClaimUseRow;
use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Structure;

/** SOUR under a fact: one claim taken over, on the record that its source and page make. */
final readonly class CitationMapping
{
    /** What was worked out of the words of a line, by the key that it has in the model. */
    public const WORKED_OUT = ['rule' => '_NB_RULE', 'working' => '_NB_WORKING', 'date' => '_NB_DATE', 'place' => '_NB_PLACE',
        'value' => '_NB_VALUE'];

    public function __construct(private MappingContext $mapping)
    {
    }

    public function map(StructureFields $fact, FactRef $subject): void
    {
        $survey = $this->mapping->survey;
        $citations = $fact->takeAll(static fn (Structure $s): bool => $s->tag === 'SOUR'
            && ($survey->id($s->payload, 'SOUR') !== null || TextCitations::read($s) !== null));
        foreach ($citations as $ordinal => $structure) {
            $sourceId = $survey->id($structure->payload, 'SOUR') ?? $this->mapping->inWords();
            $structure = TextCitations::read($structure) ?? $structure;
            $fields = new StructureFields($structure);
            RepeatedNotes::passOver($fields);
            $data = $structure->first('DATA');
            $record = $this->mapping->record($sourceId, $fields->text('PAGE'), $data === null ? '' : LineWriter::kept($data));
            $words = $fields->take('DATA')?->text('TEXT') ?? '';
            $quality = $fields->text('QUAY');
            $number = $fields->takeOne(static fn (Structure $s): bool => self::isNumber($s, '_NB_NUMBERED'));
            $id = $this->mapping->labelled(Owner::Claim, $number);
            $this->mapping->cites($number, $record);
            $line = $this->line($fields, $sourceId, $structure, $record);
            $classed = $fields->takeOne(EvidenceTags::areClasses(...));
            $derivedFrom = $fields->takeOne(static fn (Structure $s): bool => self::isNumber($s, '_NB_FROM'));
            $classes = $classed === null ? new ClaimClassification : EvidenceTags::classes($classed);
            $written = $fields->written();
            $this->mapping->refer(Owner::Claim, $derivedFrom, fn (string $derivedFromId) => $this->mapping->add(
                new ClaimRow($id, $record, $subject, $words, $quality, $ordinal, $written, $line, $classes,
                    derivedFromId: $derivedFromId === '' ? '' : $this->mapping->derivedFrom($id, $derivedFromId))));
            $this->use($fields, $id, $subject);
            $this->mapping->keep($fields, new FactRef(Owner::Claim, $id));
        }
    }

    public static function isNumber(Structure $structure, string $tag): bool
    {
        return $structure->tag === $tag && $structure->children === [] && preg_match('/^\d{1,9}$/', $structure->payload) === 1;
    }

    /** What the claim does to what it stands under, where it does more than support a fact of its own. */
    private function use(StructureFields $citation, string $claimId, FactRef $subject): void
    {
        $text = static fn (string $tag,
            array $words): string => $citation->takeOne(static fn (Structure $s): bool => $s->tag === $tag && $s->children === []
                && ! $s->isPointer
                && in_array($s->payload, $words, true))->payload ?? '';
        $stance = $text('_NB_STANCE', ['contradicts', 'bears on']);
        $evidence = $text('_NB_EVIDENCE', ['direct', 'indirect', 'negative']);
        if ($subject->kind === Owner::Parentage || ($subject->kind === Owner::Event && $stance.$evidence !== '')) {
            $this->mapping->add(
                new ClaimUseRow($this->mapping->newId(), $claimId, $subject, $stance ?: 'supports', $evidence ?: 'unstated'));
        }
    }

    /** Whether a citation is one that a line of a roll makes, and the record is told with its roll. */
    public static function isOfLine(Structure $citation, MappingContext $mapping): bool
    {
        $sourceId = $citation->isPointer ? $mapping->survey->id($citation->payload, 'SOUR') : null;

        return $sourceId !== null && self::lineOf($citation, $mapping->survey->rollLines($sourceId, $citation->text('PAGE'))) !== null;
    }

    /** _NB_LINE with the number of the line that makes the claim, where the record is told with its roll; else it stays kept. */
    private function line(StructureFields $fields, string $sourceId, Structure $citation, string $recordId): ?ClaimLineRef
    {
        $pointer = self::lineOf($citation, $this->mapping->survey->rollLines($sourceId, $citation->text('PAGE')));
        if ($pointer === null) {
            return null;
        }
        $fields->takeOne(static fn (Structure $s): bool => $s === $pointer);
        $otherNumber = (int) $pointer->text('_NB_WITH');
        $worked = array_filter(array_map(static fn (string $tag): string => $pointer->text($tag), self::WORKED_OUT),
            static fn (string $words): bool => $words !== '');

        return new ClaimLineRef($this->mapping->lineId($recordId, (int) $pointer->payload), (int) $pointer->payload,
            mb_substr($pointer->text('_NB_ASPECT'), 0, 40),
            $otherNumber === 0 ? '' : $this->mapping->lineId($recordId, $otherNumber), $otherNumber, $worked);
    }

    /** The _NB_LINE beneath a citation, when it holds no more than we write and names lines that the roll has. */
    private static function lineOf(Structure $citation, ?int $lines): ?Structure
    {
        $pointer = $citation->first('_NB_LINE');
        if ($pointer === null || $lines === null
            || count(array_unique(array_column($pointer->children, 'tag'))) !== count($pointer->children)) {
            return null;
        }
        foreach ($pointer->children as $child) {
            if ($child->children !== [] || $child->isPointer
                || ! in_array($child->tag, ['_NB_ASPECT', '_NB_WITH', ...array_values(self::WORKED_OUT)], true)) {
                return null;
            }
        }
        foreach ([$pointer->payload, $pointer->first('_NB_WITH')->payload ?? '1'] as $number) {
            if (preg_match('/^[1-9]\d{0,5}$/', $number) !== 1 || (int) $number > $lines) {
                return null;
            }
        }

        return $pointer;
    }
}
