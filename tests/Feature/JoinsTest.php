<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use App\Models\Join;
use App\Models\Name;
use App\Models\Person;
use App\Refusal;
use App\Trees\Joins\Joined;
use App\Trees\Joins\JoinPeople;
use App\Trees\Joins\RowSince;
use App\Trees\Joins\TakeApart;
use App\Trees\Joins\TakenApart;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Join\Fate;
use NorthBough\Core\Join\PlannedValue;
use PHPUnit\Framework\AssertionFailedError;

final class JoinsTest extends TestCase
{
    use EveryChange;

    /** Tables whose rows nobody may lose; one that both had may be had once. */
    private const NEVER_LOST = ['claims', 'notes', 'tasks', 'media_links', 'regions', 'claim_uses', 'points', 'searches', 'kept',
        'file_refs', 'roll_lines', 'records', 'outside_links'];

    public function test_joined_and_taken_apart_is_the_same_file_byte_for_byte(): void
    {
        $family = $this->family();
        foreach ([$this->twin($family), $this->stranger(), $this->sameFamily($family)] as $other) {
            foreach ([[$family['person'], $other], [$other, $family['person']]] as [$kept, $gone]) {
                $before = [$this->exported(), $this->authored()];
                $join = $this->join($kept, $gone);
                self::assertNotSame($before[0], $this->exported());
                $apart = $this->apart($join);

                self::assertSame([], $apart->asked);
                self::assertSame([], $apart->remarks);
                self::assertSame($before[0], $this->exported());
                self::assertSame($before[1], $this->authored());
            }
        }
    }

    public function test_a_join_is_undone_and_done_again_like_every_change(): void
    {
        $family = $this->family();
        $other = $this->twin($family);
        $before = [$this->exported(), $this->stored()];
        $this->join($family['person'], $other);
        $after = [$this->exported(), $this->stored()];

        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame($before, [$this->exported(), $this->stored()]);
        $this->api('POST', '/journal/redo')->assertOk();
        self::assertSame($after, [$this->exported(), $this->stored()]);
    }

    public function test_nothing_is_lost(): void
    {
        $family = $this->family();
        $other = $this->twin($family);
        $before = array_map($this->rows(...), self::NEVER_LOST);
        $facts = Event::query()->count();

        $this->join($family['person'], $other);

        self::assertSame($before, array_map($this->rows(...), self::NEVER_LOST));
        // The birth of both is told in the same words, and is had once with the citations of both.
        self::assertSame($facts - 1, Event::query()->count());
        self::assertSame(3, DB::table('claims')->where('event_id', $family['fact'])->count());
    }

    public function test_of_what_can_be_true_once_one_leads_and_the_other_is_its_rival(): void
    {
        $kept = $this->person('Isbel Quillan w b 1799 Slatequay');
        $gone = $this->person('Isbel Maddern w b 1801 Kirkhaven');
        [$first, $second] = [$this->fact($kept, 'birth')->id, $this->fact($gone, 'birth')->id];

        $fates = $this->fates($kept, $gone, []);
        self::assertSame([Fate::Leads, Fate::Rival], [$fates[$first], $fates[$second]]);
        $join = $this->join($kept, $gone, [$second]);

        self::assertSame(['rival', 'unweighed'],
            [Event::query()->findOrFail($first)->standing, Event::query()->findOrFail($second)->standing]);
        self::assertSame(['Isbel Quillan', 'Isbel Maddern'], Name::query()->where('person_id', $kept)->orderBy('position')->get()
            ->map(static fn (Name $name): string => "{$name->given} {$name->surname}")->all());
        $this->apart($join);
        self::assertSame('unweighed', Event::query()->findOrFail($first)->standing);
    }

    public function test_it_says_what_goes_over_who_is_double_by_it_and_what_is_the_lesser_risk(): void
    {
        $family = $this->family();
        $plan = app(JoinPeople::class)
            ->plan(Person::query()->findOrFail($family['person']), Person::query()->findOrFail($this->twin($family)));
        self::assertContains('children', array_column($plan->next, 'relation'));
        self::assertContains('parents', array_column($plan->next, 'relation'));
        self::assertGreaterThan(0, $plan->moves['citations']);
        self::assertGreaterThan(2, $plan->moves['ties']);

        $stranger = $this->stranger();
        $plan = app(JoinPeople::class)->plan(Person::query()->findOrFail($family['person']), Person::query()->findOrFail($stranger));
        self::assertStringContainsString('is tied to nobody: joining them is the lesser risk.', implode(' ', $plan->remarks));
    }

    public function test_what_cannot_be_is_refused_with_the_reason(): void
    {
        $family = $this->family();
        $father = DB::table('parentages')->where('parent_set_id', $family['parentSet'])->value('person_id');
        $child = $this->api('GET', "/people/{$family['person']}")->json('unions.0.children.0.id');
        foreach ([[$family['person'], $family['person'], 'one and the same'], [$family['person'], $family['second'], 'own partner'],
            [$family['person'], $father, 'own ancestor'], [(string) $child, (string) $father, 'own ancestor']] as [$kept, $gone, $says]) {
            try {
                $this->join($kept, $gone);
                self::fail("{$says} was not refused");
            } catch (Refusal $refusal) {
                self::assertStringContainsStringIgnoringCase($says, $refusal->getMessage());
            }
        }
    }

    public function test_the_old_id_and_number_answer_for_whoever_was_kept(): void
    {
        [$a, $b, $c] = [$this->person('Una Osk'), $this->person('Una Osk b 1801'), $this->person('Una Osk b 1802')];
        $number = Person::query()->findOrFail($c)->number;
        $this->join($b, $c);
        $this->join($a, $b);

        self::assertSame($a, app(Joined::class)->resolve($c));
        self::assertSame($a, app(Joined::class)->byNumber($number));
    }

    /** A within B within C, and the inner one is taken apart first. */
    public function test_an_inner_join_is_taken_apart_and_the_outer_one_stays(): void
    {
        [$a, $b, $c] = [$this->person('Una Osk b 1800 Hask'), $this->person('Una Osk b 1801 Tolsay'),
            $this->person('Una Osk b 1802 Kirkhaven')];
        $inner = $this->join($b, $c);
        $this->join($a, $b);

        $this->apart($inner);

        self::assertSame('1802', $this->fact($c, 'birth')->date->shown);
        self::assertSame(['1800', '1801'], Event::query()->where('person_id', $a)->orderBy('date_begin_lo')->get()
            ->map(static fn (Event $event): string => $event->date->shown)->all());
    }

    public function test_joining_in_any_order_gives_the_same_facts_ties_and_claims(): void
    {
        $seen = [];
        foreach ([[0, 1, 2], [0, 2, 1], [1, 0, 2], [1, 2, 0], [2, 0, 1], [2, 1, 0]] as [$first, $second, $third]) {
            DB::beginTransaction();
            $three = $this->three();
            $this->join($three[$first], $three[$second]);
            $this->join($three[$first], $three[$third]);
            $seen[] = $this->said($three[$first]);
            DB::rollBack();
            $this->tree->refresh();
        }
        foreach ($seen as $said) {
            self::assertSame($seen[0], $said);
        }
    }

    /** Each edit is on exactly one of the two, or asked about. */
    public function test_joined_edited_twenty_times_and_taken_apart_every_edit_is_somewhere(): void
    {
        $family = $this->family();
        $other = $this->twin($family);
        $changes = array_values(array_filter(self::CHANGES, static fn (string $change): bool => $change !== 'POST questions'
            && preg_match('#^(POST|PATCH|PUT) (people|names|facts|notes|tasks|unions|parent-sets|union-partners|claims)#', $change) === 1));
        foreach ([3, 5, 8, 13, random_int(14, 1_000_000)] as $seed) {
            DB::beginTransaction();
            mt_srand($seed);
            $join = $this->join($family['person'], $other);
            $seq = (int) $this->tree->refresh()->last_change;
            for ($step = 0; $step < 20; $step++) {
                try {
                    [$method, $path, $body] = $this->asked($changes[mt_rand(0, count($changes) - 1)], $family);
                    $this->api($method, $path, $body);
                } catch (AssertionFailedError|ModelNotFoundException|\TypeError) {
                    continue;
                }
            }
            $made = $this->rowsMadeSince($seq);
            $apart = $this->apart($join);

            foreach ($made as [$table, $id]) {
                $row = DB::table($table)->where('tree_id', $this->tree->id)->where('id', $id)->first();
                self::assertNotNull($row, "{$table} {$id}, seed {$seed}");
                $of = $row->person_id ?? $row->child_id ?? null;
                if ($of === $family['person'] && in_array($table, ['events', 'names', 'notes', 'tasks'], true)) {
                    self::assertContains($id, array_map(static fn (RowSince $since): string => $since->id, $apart->asked),
                        "{$table}, seed {$seed}");
                }
            }
            self::assertSame($other, $apart->backId);
            self::assertGreaterThan(0, Name::query()->where('person_id', $other)->count(), "seed {$seed}");
            $this->rollBack();
        }
    }

    public function test_what_was_made_since_goes_where_it_is_said_to_belong(): void
    {
        [$a, $b] = [$this->person('Una Osk b 1800'), $this->person('Una Osk b 1801')];
        $join = $this->join($a, $b);
        $this->api('POST', "/people/{$a}/facts", ['kind' => 'occupation', 'value' => 'net maker', 'date' => '1830'])->assertOk();
        $fact = $this->fact($a, 'occupation')->id;
        $moved = $this->fact($a, 'birth')->id === '' ? '' : (string) Event::query()->where('person_id', $a)->where('date_typed', '1801')
            ->value('id');
        $this->api('PATCH', "/facts/{$moved}", ['place' => 'Hask', 'version' => Event::query()->findOrFail($moved)->version])->assertOk();

        $apart = app(TakeApart::class)->run(Join::query()->findOrFail($join->id), [$fact => 'gone'], $this->user, '');

        self::assertSame([], $apart->asked);
        self::assertSame($b, Event::query()->findOrFail($fact)->person_id);
        self::assertSame([$b, 'Hask', '1801'],
            [Event::query()->findOrFail($moved)->person_id, Event::query()->findOrFail($moved)->place_typed,
                Event::query()->findOrFail($moved)->date->shown]);
    }

    public function test_both_have_their_parents_back_where_other_parents_lead_by_then(): void
    {
        [$a, $b] = [$this->person('Una Osk w'), $this->person('Una Osk w b 1801')];
        [$father, $other] = [$this->relative($a, 'father', 'Piers Osk h'), $this->relative($b, 'father', 'Hugh Osk h')];
        $join = $this->join($a, $b);
        $this->api('POST', "/people/{$a}/relatives", ['relation' => 'father', 'line' => 'Col Osk h', 'kind' => 'adoptive'])->assertOk();
        $set = DB::table('parent_sets')->where('child_id', $a)->where('kind', 'adoptive')->value('id');
        $this->api('PATCH', "/parent-sets/{$set}", ['leads' => true]);

        $this->apart($join);

        $parents = static fn (string $child): array => DB::table('parentages')->join('parent_sets', 'parent_sets.id', '=',
            'parentages.parent_set_id')->where('parent_sets.child_id', $child)->pluck('parentages.person_id')->all();
        self::assertContains($father, $parents($a));
        self::assertSame([$other], $parents($b));
        $this->api('POST', '/journal/undo')->assertOk();
    }

    public function test_nobody_is_taken_apart_twice(): void
    {
        [$a, $b] = [$this->person('Una Osk b 1800'), $this->person('Una Osk b 1801')];
        $join = $this->join($a, $b);
        $this->apart($join);

        $this->expectExceptionMessage('They were taken apart already.');
        $this->apart($join);
    }

    /** @param  list<string>  $leading */
    private function join(string $kept, string $gone, array $leading = []): Join
    {
        return app(JoinPeople::class)
            ->join(Person::query()->findOrFail($kept), Person::query()->findOrFail($gone), $leading, $this->user, '');
    }

    private function apart(Join $join): TakenApart
    {
        return app(TakeApart::class)->run(Join::query()->findOrFail($join->id), [], $this->user, '');
    }

    /**
     * @param  list<string>  $leading
     * @return array<string, Fate>
     */
    private function fates(string $kept, string $gone, array $leading): array
    {
        $values = app(JoinPeople::class)->plan(Person::query()->findOrFail($kept), Person::query()->findOrFail($gone), $leading)
            ->values->values;

        return array_combine(array_column($values, 'id'), array_map(static fn (PlannedValue $value): Fate => $value->fate, $values));
    }

    /** @return list<array{string, string}> table and id of what was made since and is still there */
    private function rowsMadeSince(int $seq): array
    {
        return array_values(DB::table('journal')->join('change_sets', 'change_sets.id', '=', 'journal.change_set_id')
            ->where('journal.tree_id', $this->tree->id)->where('journal.op', 'insert')->where('change_sets.seq', '>', $seq)
            ->get(['table_name', 'row_id'])->filter(fn ($row): bool => DB::table($row->table_name)->where('tree_id', $this->tree->id)
            ->where('id', $row->row_id)->exists())->map(static fn ($row): array => [$row->table_name, $row->row_id])->all());
    }

    /** @return array<string, mixed> */
    private function authored(): array
    {
        return array_diff_key($this->stored(), ['joins' => 1]);
    }

    private function rows(string $table): int
    {
        return DB::table($table)->where('tree_id', $this->tree->id)->count();
    }
}
