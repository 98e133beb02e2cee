<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Records;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Narrative\LifeKin;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Entry;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Report\ShortLife;
use NorthBough\Core\Tree\Person;

/** A household of a census: its roll, who they were, and who of the family is not on it though they may have lived. */
final readonly class CensusHousehold implements Report
{
    public static function code(): string
    {
        return 'household';
    }

    public static function title(): string
    {
        return 'Census household';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Record;
    }

    public function build(Material $material, Subject $subject, string $day): Document
    {
        $record = $material->record($subject->id());
        $transcript = (new RecordTranscript)->build($material, $subject, $day);
        $ids = array_values(array_unique(array_values($record->personIds)));
        $people = $material->tree()->lives($ids);
        $kin = LifeKin::of($material->tree(), $people);
        $short = new ShortLife($kin, $material->running()->places, static fn (): array => []);

        return new Document($transcript->title, "Made with North Bough on {$day}.", [...$transcript->blocks,
            ...self::listed('Who they were', 'Nobody of the roll is placed in the tree yet.', $people, $short),
            ...$people === [] ? [] : self::listed('Of the family, and not on the roll',
                'Everybody of the family who may have lived then is on it.',
                self::missing($kin, $ids, $record->roll->date->span()), $short)]);
    }

    /**
     * Parents, partners and children of those on the roll who were born by that day and not known to be dead.
     *
     * @param  list<string>  $ids
     * @return array<string, Person>
     */
    private static function missing(LifeKin $kin, array $ids, ?DaySpan $day): array
    {
        $found = [];
        foreach ($ids as $id) {
            $near = array_column($kin->parentsOf($id), 1);
            foreach ($kin->unionsOf($id) as $union) {
                array_push($near, ...$kin->partners($union, $id), ...$kin->children($union, $id));
            }
            foreach ($near as $person) {
                if (! in_array($person->id, $ids, true) && self::mayLive($person, $day)) {
                    $found[$person->id] = $person;
                }
            }
        }

        return $found;
    }

    private static function mayLive(Person $person, ?DaySpan $day): bool
    {
        $born = $person->vitals()->beginning()?->date->span()?->earliest;
        $died = $person->vitals()->end()?->date->span()?->latest;

        return ($day?->latest === null || $born === null || $born <= $day->latest) && ($day?->earliest === null || $died === null
            || $died >= $day->earliest);
    }

    /**
     * @param  array<string, Person>  $people
     * @return list<Block>
     */
    private static function listed(string $title, string $none, array $people, ShortLife $short): array
    {
        return [Heading::of(2, $title), ...$people === [] ? [new Paragraph([StyledWords::faint($none)])]
            : array_map(static fn (Person $person): Entry => new Entry('•', $short->of($person)), array_values($people))];
    }
}
