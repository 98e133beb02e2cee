<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Union;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use Illuminate\Support\Facades\DB;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;

final class UndoTest extends TestCase
{
    /** Every kind of change that the page can make; StrangersTest knows the routes, this list must know them too. */
    public const CHANGES = [
        'POST people', 'PATCH people/{person}', 'DELETE people/{person}', 'POST people/{person}/relatives', 'POST people/{person}/names',
        'POST people/{person}/facts', 'POST unions/{union}/facts', 'PATCH names/{name}', 'DELETE names/{name}', 'PATCH facts/{fact}',
        'DELETE facts/{fact}', 'POST facts/{fact}/citations', 'DELETE claims/{claim}', 'DELETE parent-sets/{parentSet}',
        'DELETE union-partners/{unionPartner}', 'POST sources', 'PATCH sources/{source}',
    ];

    #[DataProvider('changes')]
    public function test_undone_means_the_same_file_byte_for_byte_and_done_again_too(string $change): void
    {
        $family = $this->family();
        $before = $this->exported();
        [$method, $path, $body] = $this->asked($change, $family);
        self::assertLessThan(300, $this->api($method, $path, $body)->getStatusCode(), $change);
        $after = $this->exported();
        if ($change !== 'POST sources') {
            self::assertNotSame($before, $after);
        }

        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame($before, $this->exported());
        $this->api('POST', '/journal/redo')->assertOk();
        self::assertSame($after, $this->exported());
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame($before, $this->exported());
    }

    /** @return iterable<string, array{string}> */
    public static function changes(): iterable
    {
        foreach (self::CHANGES as $change) {
            yield $change => [$change];
        }
    }

    public function test_the_list_of_changes_is_whole(): void
    {
        $written = [];
        foreach (app('router')->getRoutes()->getRoutes() as $route) {
            $path = preg_replace('#^api/trees/\{tree\}/#', '', $route->uri());
            if (in_array('tree:editor', $route->gatherMiddleware(), true) && preg_match('#^(journal|exchange)/#', (string) $path) !== 1) {
                $written[] = $route->methods()[0].' '.$path;
            }
        }
        self::assertEqualsCanonicalizing(self::CHANGES, $written);
    }

    public function test_a_field_changed_since_is_never_overwritten(): void
    {
        $ewan = $this->person('Ewan Tarrel b 1851 Hask');
        $birth = $this->fact($ewan, 'birth')->id;
        $this->api('PATCH', "/facts/{$birth}", ['date' => '1852', 'version' => 1])->assertOk();
        $first = $this->api('GET', '/journal')->json('changes.0.id');
        $this->api('PATCH', "/facts/{$birth}", ['date' => '1853', 'version' => 2])->assertOk();

        $this->api('POST', "/journal/{$first}/undo")->assertStatus(409);
        self::assertSame('1853', $this->fact($ewan, 'birth')->date->shown);
    }

    public function test_another_field_of_the_same_row_can_still_be_taken_back(): void
    {
        $ewan = $this->person('Ewan Tarrel b 1851 Hask');
        $birth = $this->fact($ewan, 'birth')->id;
        $this->api('PATCH', "/facts/{$birth}", ['date' => '1852', 'version' => 1])->assertOk();
        $first = $this->api('GET', '/journal')->json('changes.0.id');
        $this->api('PATCH', "/facts/{$birth}", ['place' => 'Tolsay', 'version' => 2])->assertOk();
        $this->api('POST', "/journal/{$first}/undo")->assertOk();

        $fact = $this->fact($ewan, 'birth');
        self::assertSame(['1851', 'Tolsay'], [$fact->date->shown, $fact->place_typed]);
    }

    public function test_what_something_later_rests_on_is_not_pulled_away(): void
    {
        $ewan = $this->person('Ewan Tarrel');
        $entered = $this->api('GET', '/journal')->json('changes.0.id');
        $this->relative($ewan, 'father', 'Magnus Tarrel');

        $this->api('POST', "/journal/{$entered}/undo")->assertStatus(409)->assertJsonPath('message', fn (string $m): bool => str_contains($m, 'rests on'));
        self::assertSame(2, Person::query()->count());
    }

    public function test_a_row_cannot_be_written_outside_a_change_set(): void
    {
        $this->expectException(LogicException::class);
        Union::query()->create();
    }

    public function test_a_change_that_fails_leaves_nothing_behind(): void
    {
        $seq = $this->tree->refresh()->last_change;
        try {
            app(ChangeSets::class)->run(new Intent($this->user, 'Half a change'), static function (): void {
                Union::query()->create();
                throw new \RuntimeException('the lamp went out');
            });
        } catch (\RuntimeException) {
        }

        self::assertSame(0, Union::query()->count());
        self::assertSame($seq, $this->tree->refresh()->last_change);
        self::assertSame(0, DB::table('change_sets')->where('summary', 'Half a change')->count());
    }

    public function test_the_journal_says_who_what_and_why(): void
    {
        $ewan = $this->person('Ewan Tarrel b 1851');
        $this->api('PATCH', '/facts/'.$this->fact($ewan, 'birth')->id, ['date' => '1852', 'why' => 'The register has the later year.', 'version' => 1])->assertOk();
        $change = $this->api('GET', '/journal')->json('changes.0');

        self::assertSame(['una', 'hand', 'The register has the later year.', 1], [$change['who'], $change['how'], $change['why'], $change['rows']]);
    }

    public function test_a_tree_that_is_being_filled_refuses_changes_in_words(): void
    {
        $this->tree->refresh()->update(['busy_with' => 'Bringing in a.ged']);
        DB::table('trees')->where('id', $this->tree->id)->update(['busy_with' => 'Bringing in a.ged']);
        $this->api('POST', '/people', ['line' => 'Ewan Tarrel'])->assertStatus(423)->assertJsonPath('message', fn (string $m): bool => str_starts_with($m, 'Bringing in a.ged.'));
    }

    /** @return array<string, string> */
    private function family(): array
    {
        $person = $this->person('Ewan Tarrel h b 1847 Hask Light, Hask d 1923');
        $this->relative($person, 'father', 'Magnus Tarrel b 1818');
        $this->relative($person, 'partner', 'Moll Stair w m 17 Oct 1888 Kirkhaven');
        $page = $this->api('GET', "/people/{$person}");
        $union = $page->json('unions.0.id');
        $this->relative($person, 'child', 'Jean Tarrel w b 1889', $union);
        $name = $this->api('POST', "/people/{$person}/names", ['typed' => 'Evan Tarrell'])->json('id');
        $source = $this->source('Register of St Osmund');
        $fact = $this->fact($person, 'birth')->id;
        $claim = $this->api('POST', "/facts/{$fact}/citations", ['sourceId' => $source, 'locator' => 'baptisms 1847', 'words' => 'Ewan'])->json('id');
        $this->api('POST', "/facts/{$fact}/citations", ['sourceId' => $source, 'locator' => 'p. 2']);

        return ['person' => $person, 'union' => $union, 'name' => $name, 'fact' => $fact, 'source' => $source, 'claim' => $claim,
            'parentSet' => $page->json('parentSets.0.id'), 'unionPartner' => $page->json('unions.0.tieId')];
    }

    /**
     * @param  array<string, string>  $family
     * @return array{string, string, array<string, mixed>}
     */
    private function asked(string $change, array $family): array
    {
        [$method, $path] = explode(' ', $change);
        $body = match ($change) {
            'POST people' => ['line' => 'Sander Tarrel h b 1852 Hask m 1880 Pellmouth d 1917'],
            'PATCH people/{person}' => ['sex' => 'X', 'version' => 1],
            'POST people/{person}/relatives' => ['relation' => 'mother', 'line' => 'Jean Penhask b 1824 Tolsay'],
            'POST people/{person}/names' => ['typed' => 'Ewie Tarrel'],
            'POST people/{person}/facts' => ['kind' => 'occupation', 'value' => 'keeper', 'date' => 'from 1884 to 1907', 'place' => 'Hask Light, Hask'],
            'POST unions/{union}/facts' => ['kind' => 'banns', 'date' => 'Oct 1888'],
            'PATCH names/{name}' => ['typed' => 'Evan Tarrel', 'version' => 1],
            'PATCH facts/{fact}' => ['date' => '30 July 1847', 'place' => 'Hask', 'version' => 1],
            'POST facts/{fact}/citations' => ['sourceId' => $family['source'], 'locator' => 'new page', 'words' => 'words'],
            'POST sources' => ['title' => 'Service Books', 'author' => 'Lights Board', 'repository' => 'Muniment Room'],
            'PATCH sources/{source}' => ['title' => 'Register of St Osmund, Tolsay', 'repository' => 'Record House', 'version' => 1],
            default => [],
        };

        return [$method, '/'.preg_replace_callback('/\{(\w+)\}/', static fn (array $m): string => $family[$m[1]], $path), $body];
    }
}
