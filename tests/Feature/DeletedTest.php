<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Before something is deleted its weight is told; afterwards it is found from whose it was, and from their kin. */
final class DeletedTest extends TestCase
{
    private string $ewan;

    private string $isbel;

    private string $magnus;

    protected function setUp(): void
    {
        parent::setUp();
        $this->ewan = $this->person('Ewan Tarrel h b 1847 Hask d 1910');
        $this->isbel = $this->relative($this->ewan, 'partner', 'Isbel Quillan w b 1850 m 1870');
        $this->magnus = $this->relative($this->ewan, 'child', 'Magnus Tarrel h b 1871');
        $this->relative($this->ewan, 'child', 'Jean Tarrel w b 1873');
        $this->relative($this->ewan, 'father', 'Peter Tarrel h b 1820');
    }

    public function test_the_weight_counts_children_partner_and_parents(): void
    {
        self::assertSame('2 facts, 4 family ties and 0 citations', $this->api('GET', "/people/{$this->ewan}")->json('deleting'));
        self::assertSame('1 fact, 2 family ties and 0 citations', $this->api('GET', "/people/{$this->magnus}")->json('deleting'));
        self::assertSame('1 fact, 0 family ties and 0 citations', $this->api('GET', '/people/'.$this->person('Moll Corran w b 1860'))
            ->json('deleting'));
    }

    public function test_a_deleted_fact_says_whose_it_was(): void
    {
        $this->api('DELETE', "/facts/{$this->fact($this->ewan, 'birth')->id}")->assertSuccessful();
        self::assertSame('Ewan Tarrel', $this->bin()[0]['whose']);
        $marriage = DB::table('events')->where('kind', 'marriage')->value('id');
        $this->api('DELETE', "/facts/{$marriage}")->assertSuccessful();
        self::assertStringContainsString('Ewan Tarrel', $this->bin()[0]['whose']);
        self::assertStringContainsString('Isbel Quillan', $this->bin()[0]['whose']);
    }

    public function test_a_deleted_person_is_found_from_the_pages_of_their_kin_and_comes_back_from_there(): void
    {
        $this->api('DELETE', "/people/{$this->magnus}")->assertNoContent();
        $gone = $this->api('GET', "/people/{$this->ewan}")->json('goneKin');
        self::assertSame([['child', 'Magnus Tarrel']], array_map(static fn (array $one): array => [$one['word'], $one['name']], $gone));
        self::assertSame(['child'], array_column($this->api('GET', "/people/{$this->isbel}")->json('goneKin'), 'word'));
        self::assertSame([], $this->api('GET', '/people/'.$this->person('Moll Corran w b 1860'))->json('goneKin'));

        $this->api('POST', "/journal/deleted/{$gone[0]['entryId']}/put-back")->assertOk();
        self::assertSame([], $this->api('GET', "/people/{$this->ewan}")->json('goneKin'));
        self::assertContains($this->magnus, array_column($this->api('GET', "/people/{$this->ewan}")->json('unions.0.children'), 'id'));
    }

    public function test_a_deleted_partner_and_a_deleted_father_are_found_too(): void
    {
        $peter = Person::query()->where('number', 5)->firstOrFail()->id;
        $this->api('DELETE', "/people/{$this->isbel}")->assertNoContent();
        $this->api('DELETE', "/people/{$peter}")->assertNoContent();
        $words = array_column($this->api('GET', "/people/{$this->ewan}")->json('goneKin'), 'word', 'name');
        ksort($words);
        self::assertSame(['Isbel Quillan', 'Peter Tarrel'], array_keys($words));
        self::assertSame('partner', $words['Isbel Quillan']);
        self::assertContains($words['Peter Tarrel'], ['parent', 'father']);
    }

    /** @return list<array<string, mixed>> the last to be deleted first */
    private function bin(): array
    {
        $page = $this->api('GET', '/deleted')->assertOk();

        return $page->json('things') ?? $page->json('rows');
    }
}
