<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Book;
use App\Models\FileRef;
use App\Models\Question;
use App\Models\Record;
use App\Models\Text;
use App\Models\Union;
use App\Models\WorkingSet;
use App\Refusal;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;

/** What a drawing or a report is about, as commands name it. */
final class SubjectNamed
{
    /**
     * @param  non-empty-list<string>  $words  people as `PersonNamed` has them; a couple by both, or as one of it who had no
     *   other, or as a family by its pointer or id; anything else by its id
     *
     * @throws Refusal
     */
    public static function find(SubjectKind $kind, array $words): Subject
    {
        if (count($words) > match ($kind) {
            SubjectKind::People, SubjectKind::Tree => PHP_INT_MAX,
            SubjectKind::Couple, SubjectKind::Line => 2,
            SubjectKind::Person, SubjectKind::Record, SubjectKind::Question, SubjectKind::Set, SubjectKind::Text, SubjectKind::Book => 1,
        }) {
            throw new Refusal("This kind is about one {$kind->word()}.");
        }

        return match ($kind) {
            SubjectKind::Person => Subject::person(PersonNamed::find($words[0])->id),
            SubjectKind::People => Subject::people(self::people($words)),
            SubjectKind::Line => Subject::line(self::people($words)),
            SubjectKind::Tree => in_array($words, [[''], [Subject::WHOLE]], true) ? Subject::tree() : Subject::tree(self::people($words)),
            SubjectKind::Couple => Subject::couple(self::couple($words)),
            SubjectKind::Record => Subject::record(self::known(Record::class, $words[0], $kind)),
            SubjectKind::Question => Subject::question(self::known(Question::class, $words[0], $kind)),
            SubjectKind::Set => Subject::set(self::known(WorkingSet::class, $words[0], $kind)),
            SubjectKind::Text, SubjectKind::Book => Subject::read($kind,
                self::known($kind === SubjectKind::Text ? Text::class : Book::class, $words[0], $kind)),
        };
    }

    /**
     * @param  class-string<\App\Models\TreeModel>  $model
     *
     * @throws Refusal
     */
    private static function known(string $model, string $id, SubjectKind $kind): string
    {
        return Str::isUuid($id) && $model::query()->where('id', $id)->exists() ? $id
            : throw new Refusal("There is no {$kind->word()} {$id} in this tree. It is named by its id.");
    }

    /**
     * @param  non-empty-list<string>  $words
     *
     * @throws Refusal
     */
    private static function couple(array $words): string
    {
        $family = count($words) === 1 ? self::family($words[0]) : '';
        if ($family !== '') {
            return $family;
        }
        $people = self::people($words);
        $unions = DB::table('counted_partners')->where('tree_id', app(CurrentTree::class)->id())
            ->whereIn('person_id', $people)->groupBy('union_id')->havingRaw('count(*) = ?', [count($people)])->orderBy('union_id')
            ->pluck('union_id');
        if ($unions->count() === 1) {
            return (string) $unions->first();
        }

        throw new Refusal(match (true) {
            $unions->isEmpty() && count($people) === 1 => "{$words[0]} has no family as a partner in this tree.",
            $unions->isEmpty() => "{$words[0]} and {$words[1]} are no couple in this tree.",
            default => "{$words[0]} belongs to {$unions->count()} couples. Name both partners.",
        });
    }

    /**
     * @param  non-empty-list<string>  $words
     * @return non-empty-list<string>
     *
     * @throws Refusal
     */
    private static function people(array $words): array
    {
        return array_map(static fn (string $person): string => PersonNamed::find($person)->id, $words);
    }

    /** @return string the id of the family that is named itself; empty where the words name a person */
    private static function family(string $words): string
    {
        /** @var Collection<int, string> $found */
        $found = match (true) {
            Str::isUuid($words) => Union::query()->where('id', $words)->pluck('id'),
            str_starts_with($words, '@') => FileRef::query()->where('pointer', $words)->whereNotNull('union_id')->pluck('union_id')
                ->unique(),
            default => collect(),
        };

        return $found->count() > 1 ? throw new Refusal("{$words} stands for families of {$found->count()} files. Name both partners.")
            : (string) $found->first();
    }
}
