<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\ConfirmedSave;

/** What is there already is pointed out before it is saved a second time, with the one that is there; saved again, it is meant. */
final class DuplicateEntryTest extends TestCase
{
    private string $ewan;

    protected function setUp(): void
    {
        parent::setUp();
        $this->ewan = $this->person('Ewan Tarrel h b 3 May 1847 Hask');
        $this->relative($this->ewan, 'partner', 'Isbel Quillan w b 1850 m 4 May 1870 Kirkhaven');
        $this->meansIt = false;
    }

    public function test_the_same_birth_and_one_that_is_only_less_exact(): void
    {
        $birth = fn (string $date, string $place = ''): array => ['POST', "/people/{$this->ewan}/facts",
            ['kind' => 'birth', 'date' => $date, 'place' => $place]];
        $this->pointedOut('Birth is there already: 3 May 1847, Hask.', ...$birth('3 May 1847', 'Hask'));
        $this->pointedOut('Birth is there already', ...$birth('1847'));
        // Another value is a rival, and nobody is asked.
        $this->api(...$birth('1848'))->assertOk();
        $this->api('POST', "/people/{$this->ewan}/facts", ['kind' => 'residence', 'date' => '1881', 'place' => 'Hask'])->assertOk();
        $this->pointedOut('Residence is there already: 1881, Hask.', 'POST', "/people/{$this->ewan}/facts",
            ['kind' => 'residence', 'date' => '1881', 'place' => 'Hask']);
        $this->api('POST', "/people/{$this->ewan}/facts", ['kind' => 'residence', 'date' => '1881', 'place' => 'Pellmouth'])->assertOk();
    }

    public function test_a_marriage_of_a_year_beside_one_of_a_day_in_it(): void
    {
        $union = $this->api('GET', "/people/{$this->ewan}")->json('unions.0.id');
        $this->pointedOut('Marriage is there already: 4 May 1870, Kirkhaven.', 'POST', "/unions/{$union}/facts",
            ['kind' => 'marriage', 'date' => '1870']);
        $this->api('POST', "/unions/{$union}/facts", ['kind' => 'marriage', 'date' => '1872'])->assertOk();
    }

    public function test_the_same_partner_typed_or_chosen_again(): void
    {
        $isbel = $this->api('GET', "/people/{$this->ewan}")->json('unions.0.partners.0.id');
        $this->pointedOut('Isbel Quillan, no. 2, is a partner already.', 'POST', "/people/{$this->ewan}/relatives",
            ['relation' => 'partner', 'line' => 'Isbel Quillan w b 1852']);
        $this->pointedOut('Isbel Quillan, no. 2, is a partner already.', 'POST', "/people/{$this->ewan}/relatives",
            ['relation' => 'partner', 'personId' => $isbel]);
    }

    public function test_somebody_much_like_one_who_is_there(): void
    {
        $this->pointedOut('Ewan Tarrel, no. 1, born 3 May 1847, is in the tree already.', 'POST', '/people',
            ['line' => 'Ewan Tarrel b 1847']);
        $this->pointedOut('Ewan Tarrel, no. 1', 'POST', "/people/{$this->ewan}/relatives",
            ['relation' => 'child', 'line' => 'Ewan Tarrel b May 1847']);
        $this->api('POST', '/people', ['line' => 'Ewan Tarrel b 1880'])->assertOk();
        $this->api('POST', '/people', ['line' => 'Ewan Tarrel'])->assertOk();
    }

    public function test_a_record_a_source_and_a_search(): void
    {
        $source = $this->api('POST', '/sources', ['title' => 'Register of St Osmund'])->assertOk()->json('id');
        $this->pointedOut('There is a source called Register of St Osmund already.', 'POST', '/sources',
            ['title' => 'register of st osmund']);
        $this->api('POST', "/sources/{$source}/records", ['kind' => 'baptism', 'locator' => 'p. 9'])->assertOk();
        $this->pointedOut('Register of St Osmund has a record at p. 9 already.', 'POST', "/sources/{$source}/records",
            ['kind' => 'baptism', 'locator' => 'P. 9']);
        $this->api('POST', "/sources/{$source}/records", ['kind' => 'baptism', 'locator' => 'p. 10'])->assertOk();
        $search = ['lookedFor' => 'Ewan Tarrel', 'lookedIn' => 'Wills', 'outcome' => 'nothing', 'date' => '3 March 2026',
            'people' => [$this->ewan]];
        $this->api('POST', '/searches', $search)->assertOk();
        $this->pointedOut('You searched this on 3 Mar 2026: nothing.', 'POST', '/searches', $search);
    }

    /** @param  array<string, mixed>  $body */
    private function pointedOut(string $says, string $method, string $path, array $body): void
    {
        $refused = $this->api($method, $path, $body)->assertStatus(409);
        self::assertStringContainsString($says, $refused->json('message'));
        self::assertTrue($refused->json('details.again'));
        $this->json($method, "/api/trees/{$this->tree->id}{$path}", $body, [ConfirmedSave::HEADER => '1'])->assertOk();
        $this->enter($this->tree);
        $this->api('POST', '/journal/undo')->assertOk();
    }
}
