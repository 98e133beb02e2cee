<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Gedcom\Reading\Mapping;
use NorthBough\Core\Gedcom\Reading\WorkMapping;
use NorthBough\Core\Gedcom\Row\AlternativeRow;
use NorthBough\Core\Gedcom\Row\Deciding;
use NorthBough\Core\Gedcom\Row\LineAt;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\PointRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\RestsOnRow;
use NorthBough\Core\Gedcom\Row\SearchPersonRow;
use NorthBough\Core\Gedcom\Row\SearchRow;
use NorthBough\Core\Gedcom\Row\TaskRow;
use NorthBough\Core\Gedcom\Writing\Pointers;

/** The lines in which questions, cases and searches stand in a file: our extensions, docs/extensions.md. */
final class CaseTags
{
    private const QUESTION = ['_KIND', '_STATE', '_TITLE', '_DECISION', '_REASON', '_SUMMARY', '_REOPENED', '_OTHER', '_ALTERNATIVE', '_NUMBERED', '_RESTS', '_ABOUT', '_TASK', '_BY'];

    private const STATES = ['open', 'unresolved', 'probable', 'proved', 'ruled out', 'decided'];

    private const OUTCOMES = ['', 'unresolved', 'probable', 'proved', 'ruled out'];

    private const SEARCH = ['_ON', '_IN', '_OUTCOME', '_WHOLE', '_FOUND', '_NOTE', 'SOUR', '_FOR', '_CASE'];

    /** Whether what is beneath _QUESTION is no more than we write, and points at nobody whom the file does not have. */
    public static function isQuestion(Structure $said, Mapping $mapping): bool
    {
        return $said->tag === '_QUESTION' && self::holds($said, self::QUESTION, ['_ALTERNATIVE', '_RESTS', '_ABOUT', '_TASK'], $mapping, ['_OTHER' => 'INDI', '_ABOUT' => 'SOUR'])
            && in_array($said->text('_STATE'), self::STATES, true) && in_array($said->text('_KIND') ?: 'conflict', ['conflict', 'identity', 'kinship'], true)
            && array_filter($said->children, static fn (Structure $child): bool => $child->tag === '_ALTERNATIVE' && ! self::isAlternative($child, $mapping)) === []
            && array_filter($said->children, static fn (Structure $child): bool => $child->tag === '_TASK' && ! WorkMapping::isPlain($child)) === []
            && ($said->first('_ABOUT') === null || (self::line($said, $mapping) !== null && count(array_filter($said->children, static fn (Structure $child): bool => $child->tag === '_ABOUT')) === 1));
    }

    /** @param  string  $personId  empty where it is asked of a line of a roll */
    public static function question(Structure $said, string $personId, Mapping $mapping): void
    {
        $id = $mapping->labelled(Owner::Question, $said->first('_NUMBERED'));
        $mapping->add(new QuestionRow($id, $personId, $said->text('_KIND') ?: 'conflict', mb_substr($said->payload, 0, 40), $said->text('_STATE'), $said->text('_TITLE'), $said->text('_DECISION'),
            $said->text('_REASON'), $said->text('_SUMMARY'), $said->text('_REOPENED'), self::pointed($said, '_OTHER', 'INDI', $mapping), [], self::line($said, $mapping)));
        self::decidedBy($said->first('_BY'), Deciding::Question, $id, $mapping);
        $position = 0;
        foreach ($said->children as $child) {
            if ($child->tag === '_ALTERNATIVE') {
                self::alternative($child, $id, $position++, $mapping);
            }
            if ($child->tag === '_TASK') {
                $mapping->add(new TaskRow($mapping->newId(), '', $child->payload, $child->text('_DONE'), $position++, [], $id));
            }
            if ($child->tag === '_RESTS') {
                $mapping->refer(Owner::Claim, $child, static function (string $claimId) use ($id, $mapping): void {
                    if ($claimId !== '') {
                        $mapping->add(new RestsOnRow($mapping->newId(), Deciding::Question, $id, Owner::Claim, $claimId));
                    }
                });
            }
        }
    }

    /** Beneath what a case decided, the number of its question. */
    public static function decidedBy(?Structure $said, Deciding $kind, string $decidedId, Mapping $mapping): void
    {
        $mapping->refer(Owner::Question, $said, static function (string $questionId) use ($kind, $decidedId, $mapping): void {
            if ($questionId !== '') {
                $mapping->add(new RestsOnRow($mapping->newId(), $kind, $decidedId, Owner::Question, $questionId));
            }
        });
    }

    /** The line of a roll of which it is asked who it is; null where there is none such. */
    private static function line(Structure $said, Mapping $mapping): ?LineAt
    {
        $about = $said->first('_ABOUT');
        $sourceId = $about === null ? null : $mapping->survey->id($about->payload, 'SOUR');
        if ($about === null || $sourceId === null || array_column($about->children, 'tag') !== ['PAGE', '_LINE']) {
            return null;
        }
        [$page, $number] = [$about->text('PAGE'), $about->text('_LINE')];
        $lines = $mapping->survey->rollLines($sourceId, $page) ?? 0;

        return preg_match('/^[1-9]\d{0,5}$/', $number) === 1 && (int) $number <= $lines
            ? new LineAt($mapping->lineId($mapping->rollId($sourceId, $page), (int) $number), $sourceId, $page, (int) $number) : null;
    }

    public static function asked(QuestionRow $row, Pointers $pointers): Structure
    {
        $asked = EvidenceTags::with(new Structure('_QUESTION', $row->aspect), ['_KIND' => $row->kind === 'conflict' ? '' : $row->kind, '_STATE' => $row->state, '_TITLE' => $row->title, '_DECISION' => $row->decision,
            '_REASON' => $row->reason, '_SUMMARY' => $row->summary, '_REOPENED' => $row->reopenedBy, '_NUMBERED' => $pointers->label($row->id), '_BY' => $pointers->label($row->decidedBy)]);
        if ($row->line !== null) {
            $asked->add(Structure::pointing('_ABOUT', $pointers->of($row->line->sourceId))->add(new Structure('PAGE', $row->line->locator))->add(new Structure('_LINE', (string) $row->line->number)));
        }
        if ($row->otherId !== '') {
            $asked->add(Structure::pointing('_OTHER', $pointers->of($row->otherId)));
        }
        foreach ($row->alternatives as $one) {
            $asked->add(self::answered($one, $pointers));
        }
        foreach ($row->tasks as $task) {
            $asked->add(EvidenceTags::with(new Structure('_TASK', $task->text), ['_DONE' => $task->doneOn]));
        }
        foreach ($row->claims as $claimId) {
            $asked->add(new Structure('_RESTS', $pointers->label($claimId)));
        }

        return $asked;
    }

    public static function isSearch(Structure $said, Mapping $mapping): bool
    {
        return $said->tag === '_SEARCH' && $said->pointer === '' && self::holds($said, self::SEARCH, ['_FOR'], $mapping, ['_FOR' => 'INDI', 'SOUR' => 'SOUR'])
            && in_array($said->text('_OUTCOME'), ['found', 'nothing', 'in part', 'waiting'], true) && in_array($said->text('_WHOLE'), ['', 'Y'], true);
    }

    public static function search(Structure $said, int $position, Mapping $mapping): void
    {
        $id = $mapping->newId();
        $mapping->refer(Owner::Question, $said->first('_CASE'), static fn (string $questionId) => $mapping->add(new SearchRow($id, GenDate::parse($said->text('_ON')), $said->payload, $said->text('_IN'), $said->text('_OUTCOME'),
            $said->text('_WHOLE') === 'Y', $said->text('_FOUND'), $said->text('_NOTE'), self::pointed($said, 'SOUR', 'SOUR', $mapping), $position, [], $questionId)));
        foreach ($said->children as $child) {
            if ($child->tag === '_FOR') {
                $mapping->add(new SearchPersonRow($mapping->newId(), $id, (string) $mapping->survey->id($child->payload, 'INDI')));
            }
        }
    }

    public static function searched(SearchRow $row, Pointers $pointers): Structure
    {
        $said = EvidenceTags::with(new Structure('_SEARCH', $row->lookedFor), ['_ON' => $row->date->typed, '_IN' => $row->lookedIn, '_OUTCOME' => $row->outcome, '_WHOLE' => $row->isWhole ? 'Y' : '', '_FOUND' => $row->found, '_NOTE' => $row->note, '_CASE' => $pointers->label($row->questionId)]);
        if ($row->sourceId !== '') {
            $said->add(Structure::pointing('SOUR', $pointers->of($row->sourceId)));
        }
        foreach ($row->people as $id) {
            $said->add(Structure::pointing('_FOR', $pointers->of($id)));
        }

        return $said;
    }

    private static function isAlternative(Structure $said, Mapping $mapping): bool
    {
        return self::holds($said, ['_PERSON', '_OUTCOME', '_POINT'], ['_POINT'], $mapping, ['_PERSON' => 'INDI']) && in_array($said->text('_OUTCOME'), self::OUTCOMES, true)
            && array_filter($said->children, static fn (Structure $child): bool => $child->tag === '_POINT' && ! self::isPoint($child, $mapping)) === [];
    }

    private static function isPoint(Structure $said, Mapping $mapping): bool
    {
        return self::holds($said, ['_SPEAKS', '_WEIGHT', '_CLAIM'], [], $mapping, []) && in_array($said->text('_SPEAKS'), ['for', 'against'], true) && in_array($said->text('_WEIGHT'), ['', 'strong', 'fair', 'slight'], true);
    }

    private static function alternative(Structure $said, string $questionId, int $position, Mapping $mapping): void
    {
        $id = $mapping->newId();
        $mapping->add(new AlternativeRow($id, $questionId, self::pointed($said, '_PERSON', 'INDI', $mapping), $said->payload, $said->text('_OUTCOME'), $position, []));
        $place = 0;
        foreach ($said->children as $child) {
            if ($child->tag === '_POINT') {
                $at = $place++;
                $mapping->refer(Owner::Claim, $child->first('_CLAIM'), static fn (string $claimId) => $mapping->add(
                    new PointRow($mapping->newId(), $questionId, $id, $child->text('_SPEAKS') === 'for', $child->payload, $child->text('_WEIGHT'), $at, $claimId)));
            }
        }
    }

    private static function answered(AlternativeRow $row, Pointers $pointers): Structure
    {
        $said = EvidenceTags::with(new Structure('_ALTERNATIVE', $row->title), ['_OUTCOME' => $row->outcome]);
        if ($row->personId !== '') {
            $said->add(Structure::pointing('_PERSON', $pointers->of($row->personId)));
        }
        foreach ($row->points as $point) {
            $said->add(EvidenceTags::with(new Structure('_POINT', $point->text), ['_SPEAKS' => $point->isFor ? 'for' : 'against', '_WEIGHT' => $point->weight,
                '_CLAIM' => $pointers->label($point->claimId)]));
        }

        return $said;
    }

    /**
     * @param  list<string>  $tags  that may stand beneath
     * @param  list<string>  $many  those that may stand there more than once, and hold lines of their own
     * @param  array<string, string>  $pointing  the kind of record that a tag points at
     */
    private static function holds(Structure $said, array $tags, array $many, Mapping $mapping, array $pointing): bool
    {
        $seen = [];
        foreach ($said->children as $child) {
            $isMany = in_array($child->tag, $many, true);
            $points = $pointing[$child->tag] ?? null;
            if (! in_array($child->tag, $tags, true) || (isset($seen[$child->tag]) && ! $isMany) || ($child->children !== [] && (! $isMany || ($points !== null && $child->tag !== '_ABOUT')))
                || ($points === null) === $child->isPointer || ($points !== null && $mapping->survey->id($child->payload, $points) === null)) {
                return false;
            }
            $seen[$child->tag] = true;
        }

        return ! $said->isPointer;
    }

    private static function pointed(Structure $said, string $tag, string $kind, Mapping $mapping): string
    {
        $child = $said->first($tag);

        return $child === null ? '' : (string) $mapping->survey->id($child->payload, $kind);
    }
}
