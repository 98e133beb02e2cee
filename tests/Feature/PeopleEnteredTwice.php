<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;

/** People who stand in a tree twice, in several ways, and what is told of them. */
trait PeopleEnteredTwice
{
    /**
     * The same man again: the same birth, another death, his father, his wife and child once more, a citation, a note.
     *
     * @param  array<string, string>  $family
     */
    private function twin(array $family): string
    {
        $twin = $this->person('Evan Tarrel h b 1847 Hask Light, Hask d 1924');
        $this->relative($twin, 'father', 'Mans Tarrel b 1818');
        $this->relative($twin, 'partner', 'Mary Stair w');
        $union = $this->api('GET', "/people/{$twin}")->json('unions.0.id');
        $this->relative($twin, 'child', 'Jane Tarrel w b 1889', $union);
        $this->api('POST', "/facts/{$this->fact($twin, 'birth')->id}/citations", ['sourceId' => $family['source'], 'locator' => 'p. 9']);
        $this->api('POST', "/people/{$twin}/notes", ['text' => 'Kept the light.']);
        $this->api('POST', "/people/{$twin}/tasks", ['text' => 'Find the will.']);
        $this->api('PUT', "/people/{$twin}/groups/{$family['group']}");
        $this->api('PUT', "/people/{$twin}/marks/{$family['mark']}");
        $this->api('POST', '/searches', ['lookedFor' => 'Evan Tarrel', 'lookedIn' => 'Wills of Hask', 'outcome' => 'nothing',
            'people' => [$family['person'], $twin]]);

        return $twin;
    }

    private function stranger(): string
    {
        return $this->person('Ewan Tarrel b about 1848');
    }

    /**
     * Somebody who is a child of the same father and a husband of the same wife.
     *
     * @param  array<string, string>  $family
     */
    private function sameFamily(array $family): string
    {
        $father = (string) DB::table('parentages')->where('parent_set_id', $family['parentSet'])->value('person_id');
        $union = (string) DB::table('parent_sets')->where('id', $family['parentSet'])->value('union_id');
        $same = $this->relative($father, 'child', 'Ewen Tarrel h b 1848', $union);
        $this->api('POST', "/people/{$family['second']}/relatives", ['relation' => 'partner', 'personId' => $same]);

        return $same;
    }

    /** @return list<string> three entries of one woman with families that overlap */
    private function three(): array
    {
        $father = $this->person('Piers Quillan h b 1770');
        $a = $this->relative($father, 'child', 'Isbel Quillan w b 1799 Slatequay');
        $b = $this->person('Isbel Quillan w b 1799 Slatequay');
        $c = $this->person('Isbel Maddern w b 1800');
        $husband = $this->relative($b, 'partner', 'Hugh Maddern h m 1821');
        $this->api('POST', "/people/{$c}/relatives", ['relation' => 'partner', 'personId' => $husband]);
        $union = (string) DB::table('union_partners')->where('person_id', $c)->value('union_id');
        $this->relative($c, 'child', 'Tam Maddern h b 1822', $union);
        $this->api('POST', "/people/{$a}/notes", ['text' => 'Of the kelp shore.']);

        return [$a, $b, $c];
    }

    /** @return array<string, list<string>> what is told of somebody, whatever the ids and whichever leads */
    private function said(string $personId): array
    {
        $names = DB::table('names')->where('person_id', $personId)->get()->map(static fn ($row): string => "{$row->given} {$row->surname}");
        $facts = DB::table('events')->where('person_id', $personId)->get()
            ->map(static fn ($row): string => "{$row->kind} {$row->date_typed} "
            .$row->place_typed);
        $partners = DB::table('union_partners as a')->join('union_partners as b', 'b.union_id', '=', 'a.union_id')
            ->join('person_lines', 'person_lines.person_id', '=', 'b.person_id')->where('a.person_id', $personId)
            ->where('b.person_id', '<>', $personId)->pluck('shown_name');
        $children = DB::table('parentages')->join('parent_sets', 'parent_sets.id', '=', 'parentages.parent_set_id')
            ->join('person_lines', 'person_lines.person_id', '=', 'parent_sets.child_id')->where('parentages.person_id', $personId)
            ->pluck('shown_name');
        $notes = DB::table('notes')->where('person_id', $personId)->pluck('text');

        return array_map(static fn ($values): array => array_values($values->map(strval(...))->sort()->all()),
            compact('names', 'facts', 'partners', 'children', 'notes'));
    }

    /** Somebody who was ruled to be another. */
    private function ruledApart(string $personId): string
    {
        $other = $this->person('Evan Tarrel h b 1850');
        $this->api('PUT', "/doubles/{$personId}/{$other}/ruling", ['ruling' => 'different', 'reason' => 'Three years younger.'])
            ->assertOk();

        return $other;
    }

    /** The join of somebody who was entered twice. */
    private function joined(string $personId): string
    {
        $other = $this->person('Evan Tarrel h b 1847 d 1925');

        return $this->api('POST', "/doubles/{$personId}/{$other}/join")->assertOk()->json('id');
    }
}
