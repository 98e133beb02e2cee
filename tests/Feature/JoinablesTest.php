<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Join;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Joins\Pointing;
use App\Trees\Joins\TakeApart;
use App\Trees\Joins\Things\JoinableKinds;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** Places, sources, repositories and files that stand in a tree twice. */
final class JoinablesTest extends TestCase
{
    use EveryChange;

    public function test_joined_and_taken_apart_is_the_same_file_and_the_same_rows(): void
    {
        foreach ($this->pairs($this->family()) as $kind => [$first, $second]) {
            foreach ([[$first, $second], [$second, $first]] as [$kept, $gone]) {
                $before = [$this->exported(), $this->without('joins')];
                $join = $this->join($kind, $kept, $gone);
                self::assertNotSame($before[1], $this->without('joins'), $kind);
                $apart = app(TakeApart::class)->run(Join::query()->findOrFail($join), [], $this->user, '');

                self::assertSame([[], []], [$apart->asked, $apart->remarks], $kind);
                self::assertSame($before, [$this->exported(), $this->without('joins')], $kind);
            }
        }
    }

    public function test_everything_that_hung_on_it_goes_over_and_the_old_address_leads_to_what_stays(): void
    {
        foreach ($this->pairs($this->family()) as $kind => [$kept, $gone]) {
            $hanging = $this->hanging($kind, $kept) + $this->hanging($kind, $gone);
            ksort($hanging);
            $plan = $this->api('GET', "/joinables/{$kind}/{$kept}/{$gone}")->assertOk();
            self::assertSame('', $plan->json('refusal'));
            self::assertNotSame([], $plan->json('moves'), $kind);
            $this->join($kind, $kept, $gone);

            self::assertSame(array_keys($hanging), array_keys(array_intersect_key($this->hanging($kind, $kept), $hanging)), $kind);
            self::assertSame([], $this->hanging($kind, $gone), $kind);
        }
        self::assertSame('Hask', $this->api('GET', '/places/'.Join::query()->whereNotNull('kept_place_id')->value('gone_id'))->assertOk()
            ->json('name'));
        $source = Join::query()->whereNotNull('kept_source_id')->firstOrFail();
        self::assertSame($source->kept_source_id, $this->api('GET', "/sources/{$source->gone_id}")->assertOk()->json('source.id'));
    }

    public function test_no_word_is_lost(): void
    {
        $pairs = $this->pairs($this->family());
        foreach ($pairs as $kind => [$kept, $gone]) {
            $this->join($kind, $kept, $gone);
        }
        self::assertContains('Haske', array_column($this->api('GET', "/places/{$pairs['place'][0]}")->json('names'), 'name'));
        $notes = DB::table('notes')->where('tree_id', $this->tree->id)->pluck('text')->implode("\n");
        self::assertStringContainsString('Title: Registers of Saint Osmund; Author: The clerk', $notes);
        self::assertStringContainsString('Name: The Record House', $notes);
        self::assertSame('Burials', DB::table('sources')->where('id', $pairs['source'][0])->value('publication'));
    }

    public function test_what_cannot_be_one_is_refused_with_the_reason(): void
    {
        $family = $this->family();
        $isles = (string) DB::table('places')->where('tree_id', $this->tree->id)->where('name', 'Marren Isles')->value('id');
        $this->api('POST', "/joinables/place/{$isles}/{$family['place']}", [])->assertUnprocessable()
            ->assertJsonPath('message', 'Hask lies in Marren Isles: joined, it would lie in itself.');
        $this->api('POST', "/joinables/place/{$isles}/{$isles}", [])->assertUnprocessable();
    }

    public function test_a_place_that_stayed_in_a_join_can_be_deleted_and_comes_back_with_it(): void
    {
        [$kept, $gone] = $this->pairs($this->family())['place'];
        $this->join('place', $kept, $gone);
        $version = (int) DB::table('places')->where('id', $kept)->value('version');
        $this->withHeader('If-Match', (string) $version)->api('DELETE', "/places/{$kept}")->assertSuccessful();
        self::assertSame(0, Join::query()->whereNotNull('kept_place_id')->count());

        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame($kept, Join::query()->whereNotNull('kept_place_id')->value('kept_place_id'));
    }

    /** Whatever points at a row goes with it, or lets go of it, when it is deleted; places let go by a rule of their own. */
    public function test_nothing_that_is_deleted_is_held_by_the_database(): void
    {
        $letGo = ['places.inside_id', 'events.place_id', 'records.place_id', 'series.place_id'];
        foreach (['people', 'places'] as $table) {
            $model = AuthoredTables::model($table);
            $told = array_map(static fn (array $end): string => (new $end[0])->getTable().".{$end[1]}",
                [...$model::dependents(), ...$model::nullOnDelete()]);
            $pointing = DB::table('pg_constraint AS c')->join('pg_attribute AS a', static fn (JoinClause $on) => $on
                ->on('a.attrelid', 'c.conrelid')->where('a.attname', '<>', 'tree_id')->whereRaw('a.attnum = ANY (c.conkey)'))
                ->where('c.contype', 'f')->where('c.confdeltype', 'a')->whereRaw('c.confrelid = ?::regclass', [$table])
                ->selectRaw("c.conrelid::regclass || '.' || a.attname AS told")->pluck('told')->map(strval(...))->all();
            self::assertNotSame([], $pointing);
            self::assertSame([], array_values(array_diff($pointing, $told, $letGo)), $table);
        }
    }

    public function test_of_two_scans_of_one_page_it_is_said_which_one_is_shown(): void
    {
        [$kept, $gone] = $this->pairs($this->family())['file'];
        self::assertStringContainsString('comes back when they are taken apart',
            implode(' ', $this->api('GET', "/joinables/file/{$kept}/{$gone}")->assertOk()->json('remarks')));
        $this->join('file', $kept, $gone);
        self::assertCount(2, $this->api('GET', "/pictures/{$kept}")->json('on'));
    }

    public function test_what_is_called_the_same_is_offered_and_any_other_is_found_by_name(): void
    {
        $family = $this->family();
        $again = $this->api('POST', '/places', ['name' => 'hask'])->assertOk()->json('id');
        self::assertSame([$again], array_column($this->api('GET', "/joinables/place/{$family['place']}")->json('alike'), 'id'));
        $found = $this->api('GET', '/joinables/source?q=osmund')->assertOk()->json('rows');
        self::assertSame([$family['source']], array_column($found, 'id'));
        self::assertSame([], $this->api('GET', '/joinables/source?q=%25')->assertOk()->json('rows'));
    }

    public function test_what_was_told_of_it_since_is_asked_when_it_is_taken_apart(): void
    {
        [$kept, $gone] = $this->pairs($this->family())['place'];
        $join = $this->join('place', $kept, $gone);
        $this->api('POST', "/places/{$kept}/names", ['name' => 'Hask of the seals'])->assertOk();
        $asked = $this->api('GET', "/joinables/place/{$kept}")->json('joins.0.asked');
        self::assertCount(1, $asked);

        $this->api('POST', "/joins/{$join}/apart", ['ofGone' => [$asked[0]['id']], 'ofKept' => []])->assertOk();

        self::assertContains('Hask of the seals', array_column($this->api('GET', "/places/{$gone}")->json('names'), 'name'));
        self::assertNotContains('Hask of the seals', array_column($this->api('GET', "/places/{$kept}")->json('names'), 'name'));
    }

    /**
     * Two of each kind, with something on both.
     *
     * @param  array<string, string>  $family
     * @return array<string, array{string, string}>
     */
    private function pairs(array $family): array
    {
        $haske = $this->api('POST', '/places', ['name' => 'Haske', 'kind' => 'isle'])->assertOk()->json('id');
        $this->person('Ada Osk w b 1850 Haske');
        $this->api('POST', '/wordings', ['typed' => 'Haske', 'placeId' => $haske])->assertOk();
        $this->api('POST', "/places/{$haske}/names", ['name' => 'The Hask'])->assertOk();
        $source = $this->api('POST', '/sources', ['title' => 'Registers of Saint Osmund', 'author' => 'The clerk',
            'publication' => 'Burials', 'repository' => 'The Record House'])->assertOk()->json('id');
        $this->api('PATCH', "/sources/{$family['source']}", ['title' => 'Register of St Osmund', 'author' => 'The vicar',
            'repository' => 'Record House', 'version' => 1])->assertOk();
        $this->api('POST', "/facts/{$family['fact']}/citations", ['sourceId' => $source, 'locator' => 'p. 77'])->assertOk();
        $this->api('POST', "/sources/{$source}/notes", ['text' => 'Water-stained.'])->assertOk();
        $repository = (string) DB::table('repositories')->where('tree_id', $this->tree->id)->where('name', 'The Record House')->value('id');
        $file = fn (string $name, string $personId, int $wide): string => $this->api('POST', '/pictures',
            ['uploadId' => $this->upload(self::picture($wide, 40), $name), 'personId' => $personId])->assertOk()->json('id');

        return ['place' => [$family['place'], $haske], 'repository' => [$family['repository'], $repository],
            'source' => [$family['source'], $source],
            'file' => [$file('shore.png', $family['person'], 64), $file('the-shore.png', $family['second'], 66)]];
    }

    private function join(string $kind, string $kept, string $gone): string
    {
        return $this->api('POST', "/joinables/{$kind}/{$kept}/{$gone}", [])->assertOk()->json('id');
    }

    /** @return array<string, string> what points at it, by id, but for what says that it was joined */
    private function hanging(string $kind, string $id): array
    {
        $hanging = [];
        foreach (Pointing::at(JoinableKinds::get($kind)::model()) as [$model, $column]) {
            foreach ($model === Join::class ? [] : $model::query()->where($column, $id)->pluck('id') as $row) {
                $hanging[(string) $row] = $column;
            }
        }
        ksort($hanging);

        return $hanging;
    }

    /** @return array<string, array<int, array<string, mixed>>> */
    private function without(string $table): array
    {
        return array_diff_key($this->stored(), [$table => 0]);
    }
}
