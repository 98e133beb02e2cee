<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\Row\AlternativeRow;
use NorthBough\Core\Gedcom\Row\ClaimClassification;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\PointRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\Standing;

/**
 * What lines of our own say, once more in a NOTE, for whoever reads the file with a program that does not show them.
 * Each is marked beneath, and is passed over when the file is read again: Reading/ReadableNotes.
 */
final class ReadableNotes
{
    /** Marks a note that repeats what was ruled out, and one that repeats what was weighed. */
    public const RULED = '_NB_RULED';

    public const TOLD = '_NB_TOLD';

    /**
     * @param  list<EventRow|NameRow>  $rows
     * @return list<Structure>
     */
    public static function ruledOut(array $rows): array
    {
        $notes = [];
        foreach ($rows as $row) {
            if ($row->standing === Standing::RuledOut) {
                $notes[] = self::note('Ruled out: '.($row instanceof EventRow ? self::event($row) : "the name {$row->name->shown()}").'.',
                    self::RULED);
            }
        }

        return $notes;
    }

    /** @return list<Structure> */
    public static function partners(UnionRows $union): array
    {
        $out = array_values(
            array_filter($union->partners, static fn (UnionPartnerRow $partner): bool => $partner->standing === Standing::RuledOut));

        return array_map(
            static fn (UnionPartnerRow $partner): Structure => self::note('Ruled out as a partner: '
                .($union->names[$partner->personId] ?? '?').'.', self::RULED), $out);
    }

    public static function classes(ClaimClassification $classes): Structure
    {
        return self::note(self::sentence('Weighed', array_filter([
            $classes->weight, $classes->information === '' ? '' : "{$classes->information} information",
            $classes->reading === '' ? '' : "{$classes->reading} reading",
            $classes->informant === '' ? ''
                : "told by {$classes->informant}".($classes->informantTie === '' ? '' : " ({$classes->informantTie})"),
            $classes->evidence === '' ? '' : "{$classes->evidence} evidence",
            $classes->origin === '' ? '' : "of one origin with {$classes->origin}",
            $classes->withdrawn === '' ? '' : 'taken back',
        ]), trim("{$classes->why} {$classes->withdrawn}")), self::TOLD);
    }

    public static function question(QuestionRow $row): Structure
    {
        $answers = array_map(self::answer(...), $row->alternatives);

        return self::note(
            trim(implode("\n",
                [self::sentence(self::asked($row), array_filter([$row->state, $row->decision]),
                    $row->summary !== '' ? $row->summary : $row->reason), ...array_filter($answers)])), self::TOLD);
    }

    private static function answer(AlternativeRow $row): string
    {
        $points = array_map(static fn (PointRow $point): string => ($point->isFor ? 'for: ' : 'against: ').$point->text
            .($point->weight === '' ? '' : " ({$point->weight})"), $row->points);

        return $points === [] ? '' : ($row->title === '' ? 'One answer' : $row->title).': '.implode('; ', $points);
    }

    private static function asked(QuestionRow $row): string
    {
        return match ($row->aspect) {
            'same' => 'Whether they are one person',
            'line' => 'Who this is',
            'mother', 'father', 'parent' => "Who the {$row->aspect} was",
            'presence' => 'Where it was that day',
            default => 'The '.mb_strtolower(EventKinds::all()[$row->aspect]->word ?? $row->aspect),
        };
    }

    private static function event(EventRow $row): string
    {
        return trim(EventKinds::named($row->kind)->word." {$row->date->shown}").($row->place === '' ? '' : ", {$row->place}");
    }

    /** @param  array<string>  $parts */
    private static function sentence(string $subject, array $parts, string $why): string
    {
        return trim(($parts === [] ? "{$subject}." : "{$subject}: ".implode(', ', $parts).'.')." {$why}");
    }

    private static function note(string $words, string $mark): Structure
    {
        return (new Structure('NOTE', $words))->add(new Structure($mark, 'Y'));
    }
}
