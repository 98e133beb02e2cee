<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ParentSet;
use App\Models\UnionPartner;

/** A tie that was ruled out stays, and is counted by nothing that reads ties. */
final class CountedTiesTest extends TestCase
{
    public function test_the_desk_counts_no_child_who_was_ruled_out(): void
    {
        $ewan = $this->person('Ewan Tarrel b 3 May 1847');
        $this->relative($ewan, 'child', 'Magnus Tarrel b 1870');
        $hezzy = $this->relative($ewan, 'child', 'Hezzy Tarrel b 1872');
        $this->api('POST', "/people/{$ewan}/facts", ['kind' => 'birth', 'date' => '1840'])->assertOk();
        $says = fn (): string => implode(' ', array_column($this->api('GET', '/desk')->json('yours'), 'text'));
        self::assertStringContainsString('2 children depend on it', $says());

        $set = ParentSet::query()->where('child_id', $hezzy)->sole();
        $this->api('PATCH', "/parent-sets/{$set->id}", ['standing' => 'ruled out', 'why' => 'She is his niece.'])->assertNoContent();
        self::assertStringContainsString('1 child depends on it', $says());
    }

    public function test_a_couple_that_was_ruled_out_is_no_couple_of_a_report_and_no_partner_of_a_card(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1847');
        $jean = $this->relative($ewan, 'partner', 'Jean Osk w b 1850');
        self::assertCount(1, $this->api('GET', '/unions?q=osk')->json('unions'));
        $tie = UnionPartner::query()->where('person_id', $jean)->sole();
        $this->api('POST', "/union-partners/{$tie->id}/standing", ['standing' => 'ruled out', 'why' => 'Another Jean.'])->assertNoContent();

        self::assertSame([], $this->api('GET', '/unions?q=osk')->json('unions'));
        self::assertStringNotContainsString('Jean Osk',
            json_encode($this->api('GET', "/people/{$ewan}/card")->json('lines'), JSON_THROW_ON_ERROR));
    }
}
