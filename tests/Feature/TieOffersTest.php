<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** People who are there are found while a relative is typed, and tied. */
final class TieOffersTest extends TestCase
{
    private string $ewan;

    private string $peter;

    protected function setUp(): void
    {
        parent::setUp();
        $this->ewan = $this->person('Ewan Tarrel h b 1847 Hask d 1910');
        $this->peter = $this->person('Peter Tarrel h b 1820 Hask d 1890');
    }

    public function test_whoever_is_typed_is_offered_with_number_years_and_how_likely(): void
    {
        $offers = $this->offered('Peter Tarrel b 1820', 'father');
        self::assertSame([$this->peter, 2, 'Peter Tarrel', '1820–1890', true],
            [$offers[0]['id'], $offers[0]['number'], $offers[0]['name'], $offers[0]['years'], $offers[0]['canBe']]);
        self::assertMatchesRegularExpression('/^(over )?\d+ %$/', $offers[0]['odds']);
        self::assertSame([], array_filter($this->offered('Ewan Tarrel', 'father'), fn (array $offer): bool => $offer['id'] === $this->ewan),
            'nobody is their own father');
        self::assertSame([$this->peter], array_column($this->offered('#2', 'father'), 'id'));
        self::assertSame([], $this->offered('', 'father'));
        self::assertSame([], $this->offered('Zillah Corran', 'mother'));
        self::assertSame([], $this->offered(str_repeat('%_\\\'"', 300), 'mother'));
    }

    /** @return iterable<string, array{string}> */
    public static function relations(): iterable
    {
        foreach (['father', 'parent', 'partner', 'child', 'sibling'] as $relation) {
            yield $relation => [$relation];
        }
    }

    /** A tie makes nobody new, says so while one types on, and is taken back in one step. */
    #[DataProvider('relations')]
    public function test_one_who_is_there_is_tied_and_nobody_is_made(string $relation): void
    {
        $count = Person::query()->count();
        $this->api('POST', "/people/{$this->ewan}/relatives", ['relation' => $relation, 'personId' => $this->peter])->assertOk()
            ->assertJsonPath('id', $this->peter);
        self::assertSame($count, Person::query()->count());
        if ($relation !== 'sibling') {
            $again = array_values(
                array_filter($this->offered('Peter Tarrel', $relation), fn (array $offer): bool => $offer['id'] === $this->peter));
            self::assertContains($again[0]['canBe'] ?? false, [false]);
        }
        $this->api('POST', '/journal/undo')->assertOk();
        $page = $this->api('GET', "/people/{$this->ewan}");
        self::assertSame([], array_merge($page->json('unions'), $page->json('parentSets')));
        $this->api('POST', '/journal/redo')->assertOk();
        self::assertNotSame([],
            array_merge($this->api('GET', "/people/{$this->ewan}")->json('unions'), $this->api('GET', "/people/{$this->ewan}")
                ->json('parentSets')));
    }

    public function test_after_a_second_partner_the_child_goes_to_the_couple_that_was_made(): void
    {
        $this->relative($this->ewan, 'partner', 'Isbel Quillan w b 1850');
        $made = $this->api('POST', "/people/{$this->ewan}/relatives", ['relation' => 'partner', 'line' => 'Moll Corran w b 1860'])
            ->assertOk();
        self::assertNotNull($made->json('unionId'));
        $this->api('POST', "/people/{$this->ewan}/relatives", ['relation' => 'child', 'line' => 'Jean Tarrel w b 1885'])->assertStatus(422);
        $jean = $this->relative($this->ewan, 'child', 'Jean Tarrel w b 1885', $made->json('unionId'));
        $unions = array_column($this->api('GET', "/people/{$this->ewan}")->json('unions'), null, 'id');
        self::assertSame([$jean], array_column($unions[$made->json('unionId')]['children'], 'id'));
        self::assertSame('Moll Corran', $unions[$made->json('unionId')]['partners'][0]['name']);
    }

    public function test_a_reader_is_offered_nobody_living(): void
    {
        $this->person('Una Tarrel w b 1990');
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);
        $said = $this->api('GET',
            '/reading/relative?'.http_build_query(['line' => 'Una Tarrel', 'of' => $this->ewan, 'relation' => 'child']))->assertOk();
        self::assertStringNotContainsString('Una', (string) $said->getContent());
    }

    public function test_however_many_of_one_name_there_are_they_are_looked_through_with_the_same_few_queries(): void
    {
        $queries = function (): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->offered('Jean Tarrel b 1880', 'child');
            DB::disableQueryLog();

            return count(DB::getQueryLog());
        };
        $this->person('Jean Tarrel w b 1870');
        $one = $queries();
        foreach (range(1871, 1900) as $year) {
            $this->person("Jean Tarrel w b {$year}");
        }
        self::assertLessThanOrEqual($one, $queries());
        self::assertLessThanOrEqual(5, count($this->offered('Jean Tarrel b 1880', 'child')));
    }

    /** @return list<array<string, mixed>> */
    private function offered(string $line, string $relation): array
    {
        return $this->api('GET', '/reading/relative?'.http_build_query(['line' => $line, 'of' => $this->ewan, 'relation' => $relation]))
            ->assertOk()->json('offers');
    }
}
