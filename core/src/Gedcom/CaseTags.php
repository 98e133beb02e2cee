<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Gedcom\In\MappingContext;
use NorthBough\Core\Gedcom\In\WorkMapping;
use NorthBough\Core\Gedcom\Out\Pointers;
use NorthBough\Core\Gedcom\Row\AlternativeRow;
use NorthBough\Core\Gedcom\Row\DecisionSubject;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\PointRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\RestsOnRow;
use NorthBough\Core\Gedcom\Row\RollLinePointer;
use NorthBough\Core\Gedcom\Row\SearchPersonRow;
use NorthBough\Core\Gedcom\Row\SearchRow;
use NorthBough\Core\Gedcom\Row\TaskRow;

/** The lines in which questions, cases and searches stand in a file: our extensions, docs/extensions.md. */
final class CaseTags
{
    private const QUESTION = ['_NB_KIND', '_NB_STATE', '_NB_TITLE', '_NB_DECISION', '_NB_REASON', '_NB_SUMMARY', '_NB_REOPENED',
        '_NB_OTHER', '_NB_ALTERNATIVE', '_NB_NUMBERED', '_NB_RESTS', '_NB_ABOUT', '_NB_TASK', '_NB_BY'];

    private const STATES = ['open', 'unresolved', 'probable', 'proved', 'ruled out', 'decided'];

    private const OUTCOMES = ['', 'unresolved', 'probable', 'proved', 'ruled out'];

    private const SEARCH = ['_NB_ON', '_NB_IN', '_NB_OUTCOME', '_NB_WHOLE', '_NB_FOUND', '_NB_NOTE', 'SOUR', '_NB_FOR', '_NB_CASE'];

    /** Whether what is beneath _NB_QUESTION is no more than we write, and points at nobody whom the file does not have. */
    public static function isQuestion(Structure $structure, MappingContext $mapping): bool
    {
        return $structure->tag === '_NB_QUESTION'
            && self::holds($structure, self::QUESTION, ['_NB_ALTERNATIVE', '_NB_RESTS', '_NB_ABOUT', '_NB_TASK'], $mapping,
                ['_NB_OTHER' => 'INDI', '_NB_ABOUT' => 'SOUR'])
            && in_array($structure->text('_NB_STATE'), self::STATES, true)
            && in_array($structure->text('_NB_KIND') ?: 'conflict', ['conflict', 'identity', 'kinship'], true)
            && array_filter($structure->children,
                static fn (Structure $child): bool => $child->tag === '_NB_ALTERNATIVE' && ! self::isAlternative($child, $mapping)) === []
            && array_filter($structure->children,
                static fn (Structure $child): bool => $child->tag === '_NB_TASK' && ! WorkMapping::isPlain($child)) === []
            && ($structure->first('_NB_ABOUT') === null
                || (self::line($structure, $mapping) !== null
                    && count(array_filter($structure->children, static fn (Structure $child): bool => $child->tag === '_NB_ABOUT')) === 1));
    }

    /** @param  string  $personId  empty where it is asked of a line of a roll */
    public static function question(Structure $structure, string $personId, MappingContext $mapping): void
    {
        $id = $mapping->labelled(Owner::Question, $structure->first('_NB_NUMBERED'));
        $mapping->add(
            new QuestionRow($id, $personId, $structure->text('_NB_KIND') ?: 'conflict', mb_substr($structure->payload, 0, 40),
                $structure->text('_NB_STATE'), $structure->text('_NB_TITLE'), $structure->text('_NB_DECISION'),
                $structure->text('_NB_REASON'), $structure->text('_NB_SUMMARY'), $structure->text('_NB_REOPENED'),
                self::pointed($structure, '_NB_OTHER', 'INDI', $mapping), [], self::line($structure, $mapping)));
        self::decidedBy($structure->first('_NB_BY'), DecisionSubject::Question, $id, $mapping);
        $position = 0;
        foreach ($structure->children as $child) {
            if ($child->tag === '_NB_ALTERNATIVE') {
                self::alternative($child, $id, $position++, $mapping);
            }
            if ($child->tag === '_NB_TASK') {
                $mapping->add(new TaskRow($mapping->newId(), '', $child->payload, $child->text('_NB_DONE'), $position++, [], $id));
            }
            if ($child->tag === '_NB_RESTS') {
                $mapping->refer(Owner::Claim, $child, static function (string $claimId) use ($id, $mapping): void {
                    if ($claimId !== '') {
                        $mapping->add(new RestsOnRow($mapping->newId(), DecisionSubject::Question, $id, Owner::Claim, $claimId));
                    }
                });
            }
        }
    }

    /** Beneath what a case decided, the number of its question. */
    public static function decidedBy(?Structure $structure, DecisionSubject $kind, string $decidedId, MappingContext $mapping): void
    {
        $mapping->refer(Owner::Question, $structure, static function (string $questionId) use ($kind, $decidedId, $mapping): void {
            if ($questionId !== '') {
                $mapping->add(new RestsOnRow($mapping->newId(), $kind, $decidedId, Owner::Question, $questionId));
            }
        });
    }

    /** The line of a roll of which it is asked who it is; null where there is none such. */
    private static function line(Structure $structure, MappingContext $mapping): ?RollLinePointer
    {
        $about = $structure->first('_NB_ABOUT');
        $sourceId = $about === null ? null : $mapping->survey->id($about->payload, 'SOUR');
        if ($about === null || $sourceId === null || array_column($about->children, 'tag') !== ['PAGE', '_NB_LINE']) {
            return null;
        }
        [$page, $number] = [$about->text('PAGE'), $about->text('_NB_LINE')];
        $lines = $mapping->survey->rollLines($sourceId, $page) ?? 0;

        return preg_match('/^[1-9]\d{0,5}$/', $number) === 1 && (int) $number <= $lines
            ? new RollLinePointer($mapping->lineId($mapping->rollId($sourceId, $page), (int) $number), $sourceId, $page,
                (int) $number) : null;
    }

    public static function asked(QuestionRow $row, Pointers $pointers): Structure
    {
        $asked = EvidenceTags::with(new Structure('_NB_QUESTION', $row->aspect),
            ['_NB_KIND' => $row->kind === 'conflict' ? '' : $row->kind, '_NB_STATE' => $row->state, '_NB_TITLE' => $row->title,
                '_NB_DECISION' => $row->decision,
                '_NB_REASON' => $row->reason, '_NB_SUMMARY' => $row->summary, '_NB_REOPENED' => $row->reopenedBy,
                '_NB_NUMBERED' => $pointers->label($row->id), '_NB_BY' => $pointers->label($row->decidedBy)]);
        if ($row->line !== null) {
            $asked->add(Structure::pointing('_NB_ABOUT', $pointers->of($row->line->sourceId))
                ->add(new Structure('PAGE', $row->line->locator))->add(new Structure('_NB_LINE', (string) $row->line->number)));
        }
        if ($row->otherId !== '') {
            $asked->add(Structure::pointing('_NB_OTHER', $pointers->of($row->otherId)));
        }
        foreach ($row->alternatives as $alternative) {
            $asked->add(self::answered($alternative, $pointers));
        }
        foreach ($row->tasks as $task) {
            $asked->add(EvidenceTags::with(new Structure('_NB_TASK', $task->text), ['_NB_DONE' => $task->doneOn]));
        }
        foreach ($row->claims as $claimId) {
            $asked->add(new Structure('_NB_RESTS', $pointers->label($claimId)));
        }

        return $asked;
    }

    public static function isSearch(Structure $structure, MappingContext $mapping): bool
    {
        return $structure->tag === '_NB_SEARCH' && $structure->pointer === ''
            && self::holds($structure, self::SEARCH, ['_NB_FOR'], $mapping, ['_NB_FOR' => 'INDI', 'SOUR' => 'SOUR'])
            && in_array($structure->text('_NB_OUTCOME'), ['found', 'nothing', 'in part', 'waiting'], true)
            && in_array($structure->text('_NB_WHOLE'), ['', 'Y'], true);
    }

    public static function search(Structure $structure, int $position, MappingContext $mapping): void
    {
        $id = $mapping->newId();
        $mapping->refer(Owner::Question, $structure->first('_NB_CASE'),
            static fn (string $questionId) => $mapping->add(
                new SearchRow($id, GenDate::parse($structure->text('_NB_ON')), $structure->payload, $structure->text('_NB_IN'),
                    $structure->text('_NB_OUTCOME'),
                    $structure->text('_NB_WHOLE') === 'Y', $structure->text('_NB_FOUND'), $structure->text('_NB_NOTE'),
                    self::pointed($structure, 'SOUR', 'SOUR', $mapping), $position, [], $questionId)));
        foreach ($structure->children as $child) {
            if ($child->tag === '_NB_FOR') {
                $mapping->add(new SearchPersonRow($mapping->newId(), $id, (string) $mapping->survey->id($child->payload, 'INDI')));
            }
        }
    }

    public static function searched(SearchRow $row, Pointers $pointers): Structure
    {
        $structure = EvidenceTags::with(new Structure('_NB_SEARCH', $row->lookedFor),
            ['_NB_ON' => $row->date->typed, '_NB_IN' => $row->lookedIn, '_NB_OUTCOME' => $row->outcome,
                '_NB_WHOLE' => $row->isWhole ? 'Y' : '', '_NB_FOUND' => $row->found, '_NB_NOTE' => $row->note,
                '_NB_CASE' => $pointers->label($row->questionId)]);
        if ($row->sourceId !== '') {
            $structure->add(Structure::pointing('SOUR', $pointers->of($row->sourceId)));
        }
        foreach ($row->people as $id) {
            $structure->add(Structure::pointing('_NB_FOR', $pointers->of($id)));
        }

        return $structure;
    }

    private static function isAlternative(Structure $structure, MappingContext $mapping): bool
    {
        return self::holds($structure, ['_NB_PERSON', '_NB_OUTCOME', '_NB_POINT'], ['_NB_POINT'], $mapping, ['_NB_PERSON' => 'INDI'])
            && in_array($structure->text('_NB_OUTCOME'), self::OUTCOMES, true)
            && array_filter($structure->children,
                static fn (Structure $child): bool => $child->tag === '_NB_POINT' && ! self::isPoint($child, $mapping)) === [];
    }

    private static function isPoint(Structure $structure, MappingContext $mapping): bool
    {
        return self::holds($structure, ['_NB_SPEAKS', '_NB_WEIGHT', '_NB_CLAIM'], [], $mapping, [])
            && in_array($structure->text('_NB_SPEAKS'), ['for', 'against'], true)
            && in_array($structure->text('_NB_WEIGHT'), ['', 'strong', 'fair', 'slight'], true);
    }

    private static function alternative(Structure $structure, string $questionId, int $position, MappingContext $mapping): void
    {
        $id = $mapping->newId();
        $mapping->add(
            new AlternativeRow($id, $questionId, self::pointed($structure, '_NB_PERSON', 'INDI', $mapping), $structure->payload,
                $structure->text('_NB_OUTCOME'), $position, []));
        $place = 0;
        foreach ($structure->children as $child) {
            if ($child->tag === '_NB_POINT') {
                $at = $place++;
                $mapping->refer(Owner::Claim, $child->first('_NB_CLAIM'), static fn (string $claimId) => $mapping->add(
                    new PointRow($mapping->newId(), $questionId, $id, $child->text('_NB_SPEAKS') === 'for', $child->payload,
                        $child->text('_NB_WEIGHT'), $at, $claimId)));
            }
        }
    }

    private static function answered(AlternativeRow $row, Pointers $pointers): Structure
    {
        $structure = EvidenceTags::with(new Structure('_NB_ALTERNATIVE', $row->title), ['_NB_OUTCOME' => $row->outcome]);
        if ($row->personId !== '') {
            $structure->add(Structure::pointing('_NB_PERSON', $pointers->of($row->personId)));
        }
        foreach ($row->points as $point) {
            $structure->add(
                EvidenceTags::with(new Structure('_NB_POINT', $point->text),
                    ['_NB_SPEAKS' => $point->isFor ? 'for' : 'against', '_NB_WEIGHT' => $point->weight,
                        '_NB_CLAIM' => $pointers->label($point->claimId)]));
        }

        return $structure;
    }

    /**
     * @param  list<string>  $tags  that may stand beneath
     * @param  list<string>  $many  those that may stand there more than once, and hold lines of their own
     * @param  array<string, string>  $pointing  the kind of record that a tag points at
     */
    private static function holds(Structure $structure, array $tags, array $many, MappingContext $mapping, array $pointing): bool
    {
        $seen = [];
        foreach ($structure->children as $child) {
            $isMany = in_array($child->tag, $many, true);
            $points = $pointing[$child->tag] ?? null;
            if (! in_array($child->tag, $tags, true) || (isset($seen[$child->tag]) && ! $isMany)
                || ($child->children !== [] && (! $isMany || ($points !== null && $child->tag !== '_NB_ABOUT')))
                || ($points === null) === $child->isPointer
                || ($points !== null && $mapping->survey->id($child->payload, $points) === null)) {
                return false;
            }
            $seen[$child->tag] = true;
        }

        return ! $structure->isPointer;
    }

    private static function pointed(Structure $structure, string $tag, string $kind, MappingContext $mapping): string
    {
        $child = $structure->first($tag);

        return $child === null ? '' : (string) $mapping->survey->id($child->payload, $kind);
    }
}
