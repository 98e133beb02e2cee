<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Claim;
use App\Models\Event;
use App\Models\Parentage;
use App\Models\Question;
use App\Trees\Derived\Window\Windows;
use App\Trees\Loading\DatabaseTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\SpanWords;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Something is supposed false: what rests on it is foretold, made so, and taken back. */
final class ImpactTest extends TestCase
{
    public function test_what_a_claim_alone_says_falls_and_what_it_was_decided_by_is_asked_again(): void
    {
        $magnus = $this->person('Magnus Tarrel h b 3 May 1818 Hask d 22 Nov 1889');
        $ewan = $this->relative($magnus, 'child', 'Ewan Tarrel h b 1847');
        $register = $this->source('Register of St Osmund');
        $birth = $this->fact($magnus, 'birth')->id;
        $claim = $this->api('POST', "/facts/{$birth}/citations", ['sourceId' => $register, 'locator' => 'p. 8'])->assertOk()->json('id');
        $this->api('POST', "/people/{$magnus}/facts", ['kind' => 'birth', 'date' => '1817'])->assertOk();
        $question = Question::query()->firstOrFail();
        $this->api('POST', "/questions/{$question->id}/decide",
            ['version' => $question->version, 'factId' => $birth, 'reason' => 'The register.'])->assertOk();

        $page = $this->api('GET', "/impact/claim/{$claim}")->assertOk();
        self::assertSame('Suppose that what “Register of St Osmund”, p. 8, says is false.', $page->json('supposed'));
        self::assertSame(
            [['fact', 'falls', 'Birth 3 May 1818, Hask', 'Then none is told.'],
                ['decision', 'opens again', 'When was Magnus Tarrel born?', '']],
            array_map(static fn (array $effect): array => [$effect['kind'], $effect['outcome'], $effect['words'], $effect['then']],
                $page->json('effects')));
        self::assertSame([['born', '3 May 1818', 'by 30 Dec 1847']],
            array_map(static fn (array $moved): array => [$moved['what'], $moved['before'], $moved['after']], $page->json('windows')));
        self::assertSame([1, 1], [$page->json('claims'), $page->json('people')]);

        $this->api('POST', "/impact/claim/{$claim}", ['why' => 'The page is of another Magnus.', 'seen' => 'something else'])
            ->assertStatus(409);
        $this->api('POST', "/impact/claim/{$claim}", ['why' => 'The page is of another Magnus.', 'seen' => $page->json('mark')])
            ->assertOk();
        self::assertSame(
            ['ruled out', 'open', 'What it rests on is false: The page is of another Magnus.', 'The page is of another Magnus.'],
            [Event::query()->findOrFail($birth)->standing, $question->refresh()->state, $question->reopened_by, self::withdrawn($claim)]);
        $shown = array_column($this->api('GET', "/people/{$magnus}")->json('facts'), null, 'id')[$birth];
        self::assertSame(['withdrawn', 'The page is of another Magnus.', []],
            [$shown['citations'][0]['weight'], $shown['citations'][0]['withdrawn'], $shown['notches']]);
        $this->api('GET', "/people/{$ewan}")->assertOk();
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame(['accepted', 'decided', ''],
            [Event::query()->findOrFail($birth)->standing, $question->refresh()->state, self::withdrawn($claim)]);
    }

    public function test_a_line_that_is_somebody_else_takes_what_it_told_with_it(): void
    {
        $magnus = $this->person('Magnus Tarrel h b 1818 Hask');
        $source = $this->source('Census of the Marren Isles, 1881');
        $record = $this->api('POST', "/sources/{$source}/records", ['kind' => 'census-1881'])->assertOk()->json('id');
        $this->api('PUT', "/records/{$record}",
            ['version' => 1, 'date' => '3 April 1881',
                'lines' => [['id' => '019aa000-0000-7000-8000-000000000001', 'name' => 'Magnus Tarrel',
                    'columns' => ['relation' => 'Head', 'age' => '62', 'occupation' => 'Keeper']]]])->assertOk();
        $this->api('POST', "/records/{$record}/take-in",
            ['version' => 3, 'why' => 'Name and age.',
                'choices' => [['lineId' => '019aa000-0000-7000-8000-000000000001', 'as' => 'placed', 'personId' => $magnus]]])->assertOk();
        $census = $this->fact($magnus, 'census');
        $placing = (string) DB::table('placings')->where('tree_id', $this->tree->id)->value('id');
        $page = $this->api('GET', "/impact/placing/{$placing}")->assertOk();
        $outcomes = array_column($page->json('effects'), 'outcome', 'id');
        self::assertSame(['falls', 'falls'], [$outcomes[$placing], $outcomes[$census->id]]);
        $this->api('POST', "/impact/placing/{$placing}", ['why' => 'Another Magnus, of Tolsay.', 'seen' => $page->json('mark')])
            ->assertOk();
        self::assertSame(['refused', 'ruled out'],
            [DB::table('placings')->where('id', $placing)->value('state'), $census->refresh()->standing]);
        $this->api('GET', "/people/{$magnus}")->assertOk();
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 8) as $seed) {
            yield "seed {$seed}" => [$seed];
        }
        $own = random_int(100, 1_000_000);
        yield "seed {$own}" => [$own];
    }

    #[DataProvider('seeds')]
    public function test_what_is_foretold_is_what_then_happens_and_undone_it_never_did(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $people = $this->kin($random);
        $supposed = $this->oneOf($random);
        $exported = $this->exported();
        $rows = $this->stood();

        $page = $this->api('GET', $supposed)->assertOk();
        $expected = $rows;
        foreach ($page->json('effects') as $effect) {
            if (in_array($effect['outcome'], ['falls', 'opens again'], true)) {
                $expected[$effect['id']] = $effect['kind'] === 'decision' ? 'open' : 'ruled out';
            }
        }
        foreach ($page->json('unweighed') as $fact) {
            $expected[$fact['id']] = 'unweighed';
        }
        $windows = $this->windows($people);
        foreach ($page->json('windows') as $moved) {
            self::assertSame($windows["{$moved['personId']} {$moved['what']}"], $moved['before'], "seed {$seed}");
            $windows["{$moved['personId']} {$moved['what']}"] = $moved['after'];
        }
        $this->api('POST', $supposed, ['why' => 'It is of somebody else.', 'seen' => $page->json('mark')])->assertOk();

        self::assertSame($expected, $this->stood(), "seed {$seed}: what stands");
        self::assertSame($windows, $this->windows($people), "seed {$seed}: when they lived");
        $originWeights = $this->notches($people);
        foreach ($page->json('effects') as $effect) {
            if ($effect['kind'] === 'fact' && isset($originWeights[$effect['id']])) {
                self::assertSame($effect['after'], $originWeights[$effect['id']], "seed {$seed}: what backs it");
            }
        }
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame([$rows, $exported], [$this->stood(), $this->exported()], "seed {$seed}, undone");
    }

    private static function withdrawn(string $claim): string
    {
        return (string) DB::table('claims')->where('id', $claim)->value('withdrawn');
    }

    /** @return list<string> a family with facts that many records tell, some of them decided on */
    private function kin(Randomizer $random): array
    {
        $people = [$this->person('Ewan Tarrel h b 14 May 1790 Hask d 1861')];
        foreach (['child', 'child', 'partner', 'father'] as $relation) {
            $people[] = $this->relative($people[0], $relation,
                $relation === 'father' ? 'Magnus Tarrel h b 1761'
                    : ['Jean', 'Moll', 'Sander'][$random->getInt(0, 2)].' Tarrel b '.($relation === 'child' ? 1820 : 1792));
        }
        $people[] = $this->relative($people[1], 'child', 'Isbel Tarrel w b 1849');
        $sources = [$this->source('Register of St Osmund'), $this->source('Service Books'), $this->source('Stones of Hask')];
        foreach ($people as $person) {
            foreach (range(1, $random->getInt(1, 3)) as $ignored) {
                $this->api('POST', "/people/{$person}/facts",
                    ['kind' => ['birth', 'occupation', 'residence', 'death'][$random->getInt(0, 3)],
                        'date' => (string) $random->getInt(1760, 1900), 'again' => true])->assertOk();
            }
        }
        foreach (Event::query()->orderBy('id')->get() as $fact) {
            foreach ([1, 2] as $page) {
                if ($random->getInt(0, 2) > 0) {
                    $claim = $this->api('POST', "/facts/{$fact->id}/citations",
                        ['sourceId' => $sources[$random->getInt(0, 2)], 'locator' => "p. {$page}"])->assertOk()->json('id');
                    $this->api('PATCH', "/claims/{$claim}",
                        ['version' => 1, 'information' => ['primary', 'secondary', 'undetermined'][$random->getInt(0, 2)],
                            'reading' => 'sure', 'informant' => $random->getInt(0, 3) === 0 ? 'Jean Penhask' : ''])->assertOk();
                }
            }
        }
        foreach (Question::query()->orderBy('id')->get() as $question) {
            $facts = Event::query()->where('person_id', $question->person_id)->where('kind', $question->aspect)->orderBy('id')->pluck('id')
                ->all();
            if ($random->getInt(0, 3) > 0) {
                $this->api('POST', "/questions/{$question->id}/decide",
                    ['version' => $question->version, 'factId' => $facts[$random->getInt(0, count($facts) - 1)],
                        'reason' => 'So it seems.'])->assertOk();
            }
        }

        return $people;
    }

    /** Something of each kind in turn, by the route of its thread. */
    private function oneOf(Randomizer $random): string
    {
        $claims = Claim::query()->orderBy('id')->get();
        $claim = $claims[$random->getInt(0, $claims->count() - 1)] ?? self::fail('Nothing was cited.');
        $tie = Parentage::query()->orderBy('id')->firstOrFail();
        $decided = Question::query()->where('state', 'decided')->orderBy('id')->value('id');

        return '/impact/'.match ($random->getInt(0, 5)) {
            0 => "record/{$claim->record_id}",
            1 => 'source/'.DB::table('records')->where('id', $claim->record_id)->value('source_id'),
            2 => "tie/{$tie->id}",
            3 => "fact/{$claim->event_id}",
            4 => $decided === null ? "claim/{$claim->id}" : "decision/{$decided}",
            default => "claim/{$claim->id}",
        };
    }

    /** @return array<string, string> how every fact and tie stands, and the state of every question */
    private function stood(): array
    {
        return Event::query()->orderBy('id')->pluck('standing', 'id')->all() + Parentage::query()->orderBy('id')->pluck('standing', 'id')
            ->all() + Question::query()->orderBy('id')->pluck('state', 'id')->all();
    }

    /**
     * @param  list<string>  $people
     * @return array<string, string>
     */
    private function windows(array $people): array
    {
        $told = [];
        foreach ($people as $person) {
            $window = app(Windows::class)->around($person, app(DatabaseTree::class))[0]->of($person);
            $told["{$person} born"] = SpanWords::of($window->bornCertain);
            $told["{$person} died"] = SpanWords::of($window->diedCertain);
        }

        return $told;
    }

    /**
     * @param  list<string>  $people
     * @return array<string, list<string>> by fact
     */
    private function notches(array $people): array
    {
        $originWeights = [];
        foreach ($people as $person) {
            foreach ($this->api('GET', "/people/{$person}")->json('facts') as $fact) {
                $originWeights[$fact['id']] = $fact['notches'];
            }
        }

        return $originWeights;
    }
}
