<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;

/** How any two people are related, as the page is told. */
final class KinshipTest extends TestCase
{
    public function test_every_way_in_words_with_whoever_is_along_it(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1847 d 1923');
        $child = $this->relative($ewan, 'child', 'Ada Tarrel w b 1870 d 1940');
        $other = $this->relative($ewan, 'child', 'Kit Tarrel h b 1875 d 1950');
        $grandchild = $this->relative($child, 'child', 'Ruth Osk w b 1900 d 1980');
        $stranger = $this->person('Wat Drum h b 1850');

        $kin = $this->api('GET', "/kinship/{$grandchild}/{$ewan}")->assertOk();
        self::assertSame(['grandfather', 1], [$kin->json('found.0.term'), $kin->json('found.0.total')]);
        self::assertSame(['Ruth Osk', 'Ada Tarrel', 'Ewan Tarrel'], array_column($kin->json('found.0.paths.0.people'), 'name'));
        self::assertSame('half or full', substr((string) $this->api('GET', "/kinship/{$child}/{$other}")->json('found.0.term'), -12));
        self::assertSame([], $this->api('GET', "/kinship/{$ewan}/{$stranger}")->json('found'));
        self::assertSame('self', $this->api('GET', "/kinship/{$ewan}/{$ewan}")->json('found.0.term'));
    }

    public function test_a_reader_is_told_no_living_name(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1947');
        $child = $this->relative($ewan, 'child', 'Nessa Tarrel w b 2001');
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);

        $told = (string) $this->api('GET', "/kinship/{$ewan}/{$child}")->assertOk()->getContent();
        self::assertStringNotContainsString('Nessa', $told);
        self::assertStringContainsString('daughter', $told);
    }
}
