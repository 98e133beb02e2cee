<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Models;
use App\Models\TreeModel;
use LogicException;

/** The authored tables of a tree, each after those that it refers to. A new one is one line here. */
final class AuthoredTables
{
    private const ALL = [
        'imports' => [Models\Import::class, 'the import'],
        'people' => [Models\Person::class, 'the person'],
        'names' => [Models\Name::class, 'the name'],
        'unions' => [Models\Union::class, 'the couple'],
        'union_partners' => [Models\UnionPartner::class, 'the tie to a partner'],
        'parent_sets' => [Models\ParentSet::class, 'the tie to parents'],
        'parentages' => [Models\Parentage::class, 'the tie to a parent'],
        'places' => [Models\Place::class, 'the place'],
        'place_names' => [Models\PlaceName::class, 'the name of the place'],
        'place_insides' => [Models\PlaceInside::class, 'what the place lay in'],
        'place_churches' => [Models\PlaceChurch::class, 'the church of the place'],
        'place_wordings' => [Models\PlaceWording::class, 'what the words stand for'],
        'event_kinds' => [Models\OwnEventKind::class, 'the kind of event'],
        'world_events' => [Models\WorldEvent::class, 'what happened around them'],
        'name_variants' => [Models\NameVariant::class, 'the variants'],
        'groups' => [Models\Group::class, 'the group'],
        'marks' => [Models\Mark::class, 'the mark'],
        'source_kinds' => [Models\SourceKind::class, 'the kind of source'],
        'record_kinds' => [Models\RecordKind::class, 'the kind of record'],
        'events' => [Models\Event::class, 'the fact'],
        'event_roles' => [Models\EventRole::class, 'the role'],
        'repositories' => [Models\Repository::class, 'the repository'],
        'sources' => [Models\Source::class, 'the source'],
        'records' => [Models\Record::class, 'the record'],
        'roll_lines' => [Models\RollLine::class, 'the line'],
        'media' => [Models\Media::class, 'the picture'],
        'media_links' => [Models\MediaLink::class, 'the picture on it'],
        'regions' => [Models\Region::class, 'the region'],
        'questions' => [Models\Question::class, 'the question'],
        'placings' => [Models\Placing::class, 'the placing'],
        'claims' => [Models\Claim::class, 'the citation'],
        'claim_uses' => [Models\ClaimUse::class, 'what the claim does'],
        'alternatives' => [Models\Alternative::class, 'the alternative'],
        'points' => [Models\Point::class, 'the point'],
        'rests_on' => [Models\RestsOn::class, 'what it rests on'],
        'series' => [Models\Series::class, 'the series'],
        'searches' => [Models\Search::class, 'the search'],
        'search_people' => [Models\SearchPerson::class, 'the person searched for'],
        'tasks' => [Models\Task::class, 'the task'],
        'group_members' => [Models\GroupMember::class, 'the member of a group'],
        'markings' => [Models\Marking::class, 'the mark on it'],
        'finding_rulings' => [Models\FindingRuling::class, 'the ruling'],
        'pair_rulings' => [Models\PairRuling::class, 'the ruling'],
        'working_sets' => [Models\WorkingSet::class, 'the working set'],
        'working_set_people' => [Models\WorkingSetPerson::class, 'the person in the set'],
        'drawings' => [Models\Drawing::class, 'the drawing'],
        'texts' => [Models\Text::class, 'the text'],
        'books' => [Models\Book::class, 'the book'],
        'saved_reports' => [Models\SavedReport::class, 'the saved report'],
        'joins' => [Models\Join::class, 'the join'],
        'outside_links' => [Models\OutsideLink::class, 'the link'],
        'notes' => [Models\Note::class, 'the note'],
        'kept' => [Models\Kept::class, 'the kept lines'],
        'file_refs' => [Models\FileRef::class, 'the file reference'],
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::ALL);
    }

    /** @return class-string<TreeModel> */
    public static function model(string $table): string
    {
        return self::ALL[$table][0] ?? throw new LogicException("The journal names a table {$table} that there is not.");
    }

    public static function has(string $table): bool
    {
        return isset(self::ALL[$table]);
    }

    public static function word(string $table): string
    {
        return self::ALL[$table][1] ?? $table;
    }
}
