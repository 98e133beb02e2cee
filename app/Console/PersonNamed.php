<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\FileRef;
use App\Models\Import;
use App\Models\Person;
use App\Refusal;
use App\Trees\Joins\Joined;
use Illuminate\Support\Str;

/** A person as commands name them: `@X@` (the pointer of an imported file), a number of the tree, or an id. */
final class PersonNamed
{
    /** @throws Refusal when nobody answers to it, or people of two imports do */
    public static function find(string $words): Person
    {
        $person = match (true) {
            str_starts_with($words, '@') => self::pointedAt($words),
            Str::isUuid($words) => Person::query()->where('id', app(Joined::class)->resolve($words))->first(),
            ctype_digit($words) && strlen($words) < 10 => Person::query()->where('number', (int) $words)->first()
                ?? Person::query()->where('id', app(Joined::class)->byNumber((int) $words) ?: null)->first(),
            default => null,
        };

        return $person
            ?? throw new Refusal("Nobody in this tree is {$words}. A person is @X@ (the pointer in an imported file), a number, or an id.");
    }

    private static function pointedAt(string $pointer): ?Person
    {
        $refs = FileRef::query()->where('pointer', $pointer)->whereNotNull('person_id')->get();
        if ($refs->pluck('person_id')->unique()->count() > 1) {
            $imports = Import::query()->whereIn('id', $refs->pluck('import_id'))->pluck('file_name', 'id');
            $people = Person::query()->whereIn('id', $refs->pluck('person_id'))->pluck('number', 'id');
            $listed = $refs->map(
                static fn (FileRef $ref): string => "number {$people[$ref->getAttribute('person_id')]} (from "
                    ."{$imports[$ref->getAttribute('import_id')]})");

            throw new Refusal("{$pointer} stands for more than one person: {$listed->implode(', ')}. Say which by number.");
        }

        return Person::query()->where('id', $refs->first()?->getAttribute('person_id'))->first();
    }
}
