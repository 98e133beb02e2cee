<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Models;
use App\Models\TreeModel;
use LogicException;

/** The authored tables of a tree, each after those that it refers to. A new one is one line here. */
final class Tables
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
        'events' => [Models\Event::class, 'the fact'],
        'repositories' => [Models\Repository::class, 'the repository'],
        'sources' => [Models\Source::class, 'the source'],
        'records' => [Models\Record::class, 'the record'],
        'claims' => [Models\Claim::class, 'the citation'],
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

    public static function word(string $table): string
    {
        return self::ALL[$table][1] ?? $table;
    }
}
