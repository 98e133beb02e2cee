<?php

declare(strict_types=1);

namespace App\Trees\Evidence;

use App\Models\Claim;
use App\Models\Event;
use App\Models\Person;
use App\Models\Question;
use App\Models\RestsOn;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Sex;

/** What lines say of somebody's sex, by a column or by a role such as bride or son, and the decision between them. */
final readonly class StatedSex
{
    private const ASPECT = 'sex';

    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * Claims that say otherwise than the tree does, which few people have.
     *
     * @param  list<string>  $personIds
     * @return array<string, array{sex: Sex, told: array<string, Sex>}> by person: what the tree has, and what is told by claim
     */
    public function against(array $personIds): array
    {
        $rows = DB::table('claims')
            ->join('people', static fn ($join) => $join->on('people.tree_id', 'claims.tree_id')->on('people.id', 'claims.person_id'))
            ->where('claims.tree_id', $this->current->id())->whereIn('claims.person_id', $personIds)->where('claims.aspect', self::ASPECT)
            ->where('claims.withdrawn', '')
            ->whereIn('people.sex', ['M', 'F'])->whereRaw("claims.said->>'value' <> people.sex")->orderBy('claims.id')
            ->get(['claims.id', 'claims.person_id', 'people.sex'])->all();
        $against = [];
        foreach ($rows as $row) {
            $against[$row->person_id] ??= ['sex' => Sex::from($row->sex), 'told' => []];
            $against[$row->person_id]['told'][$row->id] = $row->sex === 'M' ? Sex::Female : Sex::Male;
        }

        return $against;
    }

    /** @return array<string, Event> man and woman as facts to weigh, by code of the sex; they are not kept */
    public static function sides(Person $person): array
    {
        $sides = [];
        foreach (['M' => 'a man', 'F' => 'a woman'] as $code => $word) {
            $side = new Event(
                ['kind' => self::ASPECT, 'date' => GenDate::phrase($word), 'place_typed' => '', 'denied' => false,
                    'standing' => $person->sex === $code ? 'accepted' : 'unweighed']);
            $side->id = $code;
            $sides[$code] = $side;
        }

        return $sides;
    }

    /** @return Collection<int, Claim> each as if it told one of the sides */
    public static function claims(string $personId): Collection
    {
        $claims = Claim::query()->where('person_id', $personId)->where('aspect', self::ASPECT)->orderBy('id')->get();

        return $claims->each(static function (Claim $claim): void {
            $claim->event_id = (string) ($claim->said['value'] ?? '');
        });
    }

    /** Writes the sex that was found, and what the decision rests on. */
    public function decide(Question $question, int $version, Sex $sex, string $reason): void
    {
        ChangedMeanwhile::unless($question, $version, ['reason' => $reason]);
        $person = Person::query()->where('id', $question->person_id)->firstOrFail();
        if ($person->sex !== $sex->value) {
            $person->fill(['sex' => $sex->value])->save();
        }
        foreach (RestsOn::query()->where('deciding_question_id', $question->id)->get() as $before) {
            $before->delete();
        }
        foreach (self::claims($person->id)->where('event_id', $sex->value) as $claim) {
            RestsOn::query()->create(['deciding_question_id' => $question->id, 'claim_id' => $claim->id]);
        }
        $question->fill(
            ['state' => 'decided', 'decision' => $sex === Sex::Male ? 'a man' : 'a woman', 'reason' => trim($reason), 'reopened_by' => ''])
            ->save();
    }
}
