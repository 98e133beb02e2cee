<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\CaseTags;
use NorthBough\Core\Gedcom\RecordTags;
use NorthBough\Core\Gedcom\Row\DecisionSubject;
use NorthBough\Core\Gedcom\Row\OwnKindRow;
use NorthBough\Core\Gedcom\Row\PlacingRow;
use NorthBough\Core\Gedcom\Row\RecordHead;
use NorthBough\Core\Gedcom\Row\RecordImageRow;
use NorthBough\Core\Gedcom\Row\RecordRow;
use NorthBough\Core\Gedcom\Row\RollLineRow;
use NorthBough\Core\Gedcom\Structure;

/**
 * Kinds and records under a source, in our extensions: _NB_KIND, _NB_FIELD, _NB_LISTED and _NB_RECORD with its roll. One
 * that holds more stays kept.
 */
final class RecordMapping
{
    /** @var array<string, string> ids of kinds of somebody's own, by what they are of and their template */
    private array $kinds = [];

    public function __construct(private readonly MappingContext $mapping)
    {
    }

    /**
     * Takes what describes the source itself.
     *
     * @return array{string, ?string, array<string, string>, string} kind, own kind, fields, what it is called in lists
     */
    public function described(StructureFields $source): array
    {
        $kind = $source->takeAll(static fn (Structure $s): bool => $s->tag === '_NB_KIND' && ! $s->isPointer && RecordTags::isPlain($s));
        $fields = new Structure('');
        foreach ($source->takeAll(static fn (Structure $s): bool => $s->tag === '_NB_FIELD' && ! $s->isPointer
            && RecordTags::isPlain($s)) as $field) {
            $fields->add($field);
        }
        $listed = $source->takeAll(static fn (Structure $s): bool => $s->tag === '_NB_LISTED' && $s->children === [] && ! $s->isPointer);

        return [...$this->kind(reset($kind) ?: null, true), RecordTags::fields($fields), reset($listed) === false ? '' : reset($listed)
            ->payload];
    }

    public function records(StructureFields $source, string $sourceId): void
    {
        $taken = [];
        foreach ($source->takeAll(static function (Structure $s) use (&$taken): bool {
            if ($s->tag !== '_NB_RECORD' || $s->isPointer || ! RecordTags::isPlain($s) || isset($taken[$s->payload])) {
                return false;
            }

            return $taken[$s->payload] = true;
        }) as $structure) {
            $this->record($structure, $sourceId);
        }
    }

    private function record(Structure $structure, string $sourceId): void
    {
        $recordId = $this->mapping->rollId($sourceId, $structure->payload);
        [$kind, $ownKind] = $this->kind($structure->first('_NB_KIND'), false);
        $date = DateLines::read($structure->text('DATE'), $structure->text('DATE', 'PHRASE'), $this->mapping->version);
        $class = $structure->text('_NB_CLASS');
        $count = $structure->text('_NB_COUNT');
        $this->mapping->addRecord(new RecordRow($recordId, $sourceId, $structure->payload, new RecordHead(
            $kind, $ownKind, $date, $structure->text('PLAC'), RecordTags::fields($structure), $structure->text('TEXT'),
            in_array($class, ['original', 'derivative', 'authored'], true) ? $class : 'unstated',
            mb_substr($structure->text('_NB_FILENO'), 0, 100), preg_match('/^\d{1,6}$/', $count) === 1 ? (int) $count : null,
        )));
        $images = [];
        $span = $date->span();
        $lines = 0;
        foreach ($structure->children as $child) {
            if ($child->tag === '_NB_IMAGE') {
                $images[] = $id = $this->mapping->newId();
                $this->mapping->add(
                    new RecordImageRow($id, $recordId, $child->text('FILE'), $child->text('FORM'), $child->text('TITL'), count($images)));
            } elseif ($child->tag === '_NB_LINE') {
                $lineId = $this->mapping->lineId($recordId, ++$lines);
                $this->mapping->add(
                    new RollLineRow($lineId, $recordId, $lines - 1, mb_substr($child->text('_NB_AS'), 0, 40), $child->payload,
                        RecordTags::fields($child),
                        self::strip($child->text('_NB_SLIP'), $images), $span?->earliest, $span?->latest));
                $this->placing($child, $lineId);
            }
        }
    }

    private function placing(Structure $line, string $lineId): void
    {
        $isPlaced = false;
        foreach ($line->children as $child) {
            $person = $child->tag === '_NB_PLACED' ? $this->mapping->survey->id($child->payload, 'INDI') : null;
            $state = $child->text('_NB_STATE') ?: 'placed';
            if ($person !== null && in_array($state, ['placed', 'probable', 'alternative', 'refused'], true)
                && ! ($isPlaced && $state === 'placed')) {
                $isPlaced = $isPlaced || $state === 'placed';
                $id = $this->mapping->newId();
                $this->mapping->add(new PlacingRow($id, $lineId, $person, $state, $child->text('_NB_REASON')));
                CaseTags::decidedBy($child->first('_NB_BY'), DecisionSubject::Placing, $id, $this->mapping);
            }
        }
        $aside = $line->first('_NB_ASIDE');
        if ($aside !== null && ! $isPlaced) {
            $this->mapping->add(new PlacingRow($this->mapping->newId(), $lineId, null, 'set aside', $aside->payload));
        }
    }

    /** @return array{string, ?string} code of a kind that ships, id of one of somebody's own */
    private function kind(?Structure $structure, bool $isOfSource): array
    {
        $template = $structure?->text('_NB_TEMPLATE') ?? '';
        if ($structure === null || $template === '' || ! is_array(json_decode($template, true))) {
            return [mb_substr($structure->payload ?? '', 0, 40), null];
        }
        $key = ($isOfSource ? 'source ' : 'record ').md5($template);
        if (! isset($this->kinds[$key])) {
            $this->kinds[$key] = $this->mapping->newId();
            $this->mapping->add(new OwnKindRow($this->kinds[$key], $isOfSource, $structure->payload, $template));
        }

        return ['', $this->kinds[$key]];
    }

    /**
     * @param  list<string>  $images ids of the pictures so far
     * @return array{image: string, page: int, left: float, top: float, width: float, height: float}|null
     */
    private static function strip(string $payload, array $images): ?array
    {
        $parts = explode(' ', $payload);
        if (count($parts) !== 6 || ! isset($images[(int) $parts[0] - 1])) {
            return null;
        }

        return ['image' => $images[(int) $parts[0] - 1], 'page' => max(0, (int) $parts[1] - 1),
            'left' => (float) $parts[2], 'top' => (float) $parts[3], 'width' => (float) $parts[4], 'height' => (float) $parts[5]];
    }
}
