<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Claim;
use App\Models\Event;
use App\Models\Name;
use App\Models\Placing;
use App\Models\Question;
use App\Models\Record;
use App\Trees\Derived\Window\StoredWindows;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** What a record may add to the tree, and what it may not. */
final class CommitRecordTest extends TestCase
{
    private string $source;

    protected function setUp(): void
    {
        parent::setUp();
        $this->source = $this->source('Census of Marren, 1901');
    }

    public function test_what_a_record_tells_never_becomes_its_own_support(): void
    {
        $record = $this->record('census-1901');
        $lines = $this->keep($record, '31 March 1901', [
            ['Ewan Tarrel', '', ['relation' => 'Head', 'age' => '40', 'sex' => 'M']],
            ['Isbel Tarrel', '', ['relation' => 'Wife', 'age' => '38', 'sex' => 'F', 'married' => '17']],
            ['Magnus Tarrel', '', ['relation' => 'Son', 'age' => '10', 'sex' => 'M']],
        ]);
        $all = array_map(static fn (string $line): array => ['lineId' => $line, 'as' => 'new'], $lines);
        $this->takeIn($record, $all);
        self::assertSame(1, Event::query()->where('kind', 'marriage')->count());
        self::assertSame(1, DB::table('parentages')->where('tree_id', $this->tree->id)->count(), 'The page names the father alone.');

        $this->takeIn($record, $all);
        self::assertSame(1, DB::table('parentages')->where('tree_id', $this->tree->id)->count(), 'Its own marriage makes no mother.');

        // A register that tells the wedding by itself confirms it.
        $wedding = Event::query()->where('kind', 'marriage')->firstOrFail();
        $this->api('POST', "/facts/{$wedding->id}/citations", ['sourceId' => $this->source('Register of St Bregan'), 'locator' => '1884'])
            ->assertOk();
        $this->takeIn($record, $all);
        self::assertSame(2, DB::table('parentages')->where('tree_id', $this->tree->id)->count());
    }

    public function test_a_record_that_says_what_was_ruled_out_contradicts_and_opens_the_question(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 3 May 1845 Hask');
        $wrong = $this->api('POST', "/people/{$ewan}/facts", ['kind' => 'birth', 'date' => '4 May 1850'])->assertOk()->json('id');
        $this->api('POST', "/facts/{$wrong}/rule-out", ['why' => 'It is his cousin’s.'])->assertOk();
        DB::table('questions')->where('tree_id', $this->tree->id)->delete();
        $record = $this->record('birth-certificate');
        [$line] = $this->keep($record, '2 June 1850', [['Ewan Tarrel', 'child', ['born' => '4 May 1850']]]);
        $choice = ['lineId' => $line, 'as' => 'placed', 'personId' => $ewan];
        $told = self::told($this->api('POST', "/records/{$record}/line-up", ['choices' => [$choice]])->assertOk()->json('lines.0.told'),
            'aspect', 'birth');
        self::assertSame(
            ['contradicts', 'It contradicts what is accepted, 3 May 1845, and repeats what was ruled out because: It is his cousin’s.'],
            [$told['state'], $told['ground']]);

        $this->takeIn($record, [$choice]);
        self::assertSame(2, Event::query()->where('person_id', $ewan)->where('kind', 'birth')->count(),
            'It is cited where it stands, and made no second time.');
        self::assertSame(1, Claim::query()->where('event_id', $wrong)->where('record_id', $record)->count());
        $question = Question::query()->sole();
        self::assertSame(['birth', 'open', 'A record says again what was ruled out: 4 May 1850.'],
            [$question->aspect, $question->state, $question->title]);
        $this->api('GET', "/questions/{$question->id}")->assertOk();
    }

    public function test_a_decided_question_opens_again(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 3 May 1845 Hask');
        $wrong = $this->api('POST', "/people/{$ewan}/facts", ['kind' => 'birth', 'date' => '4 May 1850'])->assertOk()->json('id');
        $question = Question::query()->sole();
        $this->api('POST', "/questions/{$question->id}/decide",
            ['version' => $question->version, 'factId' => $this->fact($ewan, 'birth')->id, 'standings' => [$wrong => 'ruled out'],
                'reason' => 'The register.'])->assertSuccessful();
        self::assertSame('ruled out', Event::query()->where('id', $wrong)->value('standing'));
        $record = $this->record('birth-certificate');
        [$line] = $this->keep($record, '2 June 1850', [['Ewan Tarrel', 'child', ['born' => '4 May 1850']]]);
        $this->takeIn($record, [['lineId' => $line, 'as' => 'placed', 'personId' => $ewan]]);

        self::assertSame(['open', 'A claim supports what was ruled out: 4 May 1850.'],
            [$question->refresh()->state, $question->reopened_by]);
    }

    public function test_a_couple_and_a_parent_who_were_ruled_out_are_not_made_again(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1861 Hask');
        $this->relative($ewan, 'partner', 'Isbel Quillan w b 1863');
        $magnus = $this->relative($ewan, 'child', 'Magnus Tarrel h b 1891');
        $page = $this->api('GET', "/people/{$ewan}");
        $isbel = (string) DB::table('people')->where('tree_id', $this->tree->id)->where('number', 2)->value('id');
        $tie = (string) DB::table('union_partners')->where('tree_id', $this->tree->id)->where('person_id', $isbel)->value('id');
        $this->api('POST', "/union-partners/{$tie}/standing", ['standing' => 'ruled out', 'why' => 'Another couple of that name'])
            ->assertSuccessful();
        $set = (string) DB::table('parent_sets')->where('tree_id', $this->tree->id)->value('id');
        $this->api('PATCH', "/parent-sets/{$set}", ['standing' => 'ruled out', 'personId' => $ewan, 'why' => 'He was at sea'])
            ->assertSuccessful();
        $record = $this->record('census-1901');
        [$head, $wife, $son] = $this->keep($record, '31 March 1901', [
            ['Ewan Tarrel', '', ['relation' => 'Head', 'age' => '40', 'sex' => 'M']],
            ['Isbel Tarrel', '', ['relation' => 'Wife', 'age' => '38', 'sex' => 'F']],
            ['Magnus Tarrel', '', ['relation' => 'Son', 'age' => '9', 'sex' => 'M']],
        ]);
        $choices = [['lineId' => $head, 'as' => 'placed', 'personId' => $ewan], ['lineId' => $wife, 'as' => 'placed', 'personId' => $isbel],
            ['lineId' => $son, 'as' => 'placed', 'personId' => $magnus]];
        $lines = $this->api('POST', "/records/{$record}/line-up", ['choices' => $choices])->assertOk()->json('lines');
        $partner = self::told($lines[1]['told'], 'of', 'partner');
        self::assertSame(['contradicts', 'They were ruled out as a couple because: Another couple of that name.'],
            [$partner['state'], $partner['ground']]);
        $child = self::told($lines[2]['told'], 'of', 'child');
        self::assertSame(['contradicts', 'That was ruled out because: He was at sea.'], [$child['state'], $child['ground']]);
        $before = [DB::table('unions')->count(), DB::table('parentages')->count()];
        $this->takeIn($record, $choices);
        self::assertSame($before, [DB::table('unions')->count(), DB::table('parentages')->count()]);
        self::assertNotSame('', $page->json('id'));
    }

    public function test_a_placing_outside_the_certain_window_wants_a_reason(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1829 Hask d 4 May 1903 Hask');
        $record = $this->record('census-1901');
        [$line] = $this->keep($record, '2 April 1911', [['Ewan Tarrel', '', ['relation' => 'Head', 'age' => '24', 'sex' => 'M']]]);
        $choice = ['lineId' => $line, 'as' => 'placed', 'personId' => $ewan];
        $refused = $this->api('POST', "/records/{$record}/take-in",
            ['version' => Record::query()->findOrFail($record)->version, 'choices' => [$choice]])->assertStatus(409);
        self::assertStringContainsString(
            'Ewan Tarrel is placed on Ewan Tarrel (no. 1), who did not live that day. The line is of 2 Apr 1911, and the death was by 4 '
                .'May 1903. Write why', $refused->json('message'));
        self::assertSame(0, Placing::query()->count());

        app(StoredWindows::class)->rebuild();
        $line = $this->api('POST', "/records/{$record}/line-up", ['choices' => [$choice]])->json('lines.0');
        self::assertSame('The line is of 2 Apr 1911, and the death was by 4 May 1903.', $line['asks']);
        $birth = self::told($line['told'], 'aspect', 'birth');
        self::assertSame(['contradicts', 'The age misses 1829 by 56 years: no telling errs so far.'], [$birth['state'], $birth['ground']]);
        $this->takeIn($record, [['reason' => 'The clerk wrote the dead man’s name.'] + $choice]);
        self::assertSame(1, Placing::query()->count());
    }

    public function test_three_months_at_the_end_of_march_is_no_child_of_three_years_before(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1870 Hask');
        $una = $this->relative($ewan, 'child', 'Una Tarrel w b 3 Apr 1898 Hask');
        $late = $this->relative($ewan, 'child', 'Una Tarrel w b Dec 1900 Hask');
        $record = $this->record('census-1901');
        $lines = $this->keep($record, '31 March 1901',
            [['Ewan Tarrel', '', ['relation' => 'Head', 'age' => '30', 'sex' => 'M']],
                ['Una Tarrel', '', ['relation' => 'Daughter', 'age' => '3 mo', 'sex' => 'F']]]);
        $lined = $this->api('POST', "/records/{$record}/line-up", ['choices' => []])->assertOk()->json();
        self::assertSame([$ewan, $late], array_column($lined['lines'], 'personId'));
        self::assertSame('2 lines fit Ewan Tarrel and family in name, age and relation.', $lined['reason']);
        $birth = self::told(
            $this->api('POST', "/records/{$record}/line-up", ['choices' => [['lineId' => $lines[1], 'as' => 'placed', 'personId' => $una]]])
                ->json('lines.1.told'), 'aspect', 'birth');
        self::assertSame('strains', $birth['state']);
    }

    public function test_a_ditto_under_a_doubted_name_makes_a_person_of_that_surname(): void
    {
        $record = $this->record('census-1901');
        $lines = $this->keep($record, '31 March 1901',
            [['Jan van der Osk', '', ['relation' => 'Head', 'age' => '40']], ['Tam? do', '', ['relation' => 'Son', 'age' => '7?']]]);
        $kept = $this->api('GET', "/records/{$record}")->json('lines.1');
        self::assertSame(['Tam van der Osk', 'Tam? do', '?', '7'],
            [$kept['name'], $kept['columns']['name~'], $kept['columns']['name?'], $kept['columns']['age']]);
        $this->takeIn($record, array_map(static fn (string $line): array => ['lineId' => $line, 'as' => 'new'], $lines));
        $tam = Name::query()->where('given', 'Tam')->sole();
        self::assertSame(['van der', 'Osk'], [$tam->surname_prefix, $tam->surname]);

        $read = $this->api('POST', '/reading/lines',
            ['from' => 1, 'lines' => [['id' => $lines[0], 'name' => 'Jan van der Osk'],
                ['id' => $lines[1], 'name' => 'Una "', 'columns' => ['trade' => 'Tarrel / Farrel?']]]])->assertOk();
        self::assertSame(
            [['id' => $lines[1], 'name' => 'Una van der Osk',
                'columns' => ['trade' => 'Tarrel', 'trade?' => 'Farrel', 'name~' => 'Una "']]], $read->json('lines'));
        self::assertStringContainsString('"columns":{}',
            (string) $this->api('POST', '/reading/lines', ['lines' => [['id' => $lines[0], 'name' => 'Una']]])->assertOk()->getContent());
    }

    public function test_the_reason_offered_names_nothing_that_the_record_does_not_ask(): void
    {
        $this->relative($this->person('Ewan Tarrel h b 1845 Hask'), 'partner', 'Isbel Quillan w b 1847 m 3 May 1870 Hask');
        $record = $this->record('marriage');
        $this->keep($record, '3 May 1870', [['Ewan Tarrel', 'groom', []], ['Isbel Quillan', 'bride', []]]);
        self::assertSame('2 lines fit Ewan Tarrel and family in name, relation and marriage.',
            $this->api('POST', "/records/{$record}/line-up", ['choices' => []])->assertOk()->json('reason'));
    }

    /**
     * @param  list<array<string, mixed>>  $told
     * @return array<string, mixed>
     */
    private static function told(array $told, string $field, string $value): array
    {
        foreach ($told as $one) {
            if ($one[$field] === $value) {
                return $one;
            }
        }
        self::fail("Nothing is told whose {$field} is {$value}.");
    }

    private function record(string $kind): string
    {
        return $this->api('POST', "/sources/{$this->source}/records", ['kind' => $kind])->assertOk()->json('id');
    }

    /**
     * @param  list<array{string, string, array<string, string>}>  $rows  name, role, columns
     * @return list<string> ids of the lines
     */
    private function keep(string $record, string $date, array $rows): array
    {
        $lines = array_map(
            static fn (array $row): array => ['id' => (string) Str::uuid7(), 'name' => $row[0], 'role' => $row[1],
                'columns' => $row[2]], $rows);
        $this->api('PUT', "/records/{$record}",
            ['version' => Record::query()->findOrFail($record)->version, 'date' => $date, 'place' => 'Hask', 'lines' => $lines])
            ->assertOk();

        return array_column($lines, 'id');
    }

    /** @param  list<array<string, mixed>>  $choices */
    private function takeIn(string $record, array $choices): void
    {
        $this->api('POST', "/records/{$record}/take-in",
            ['version' => Record::query()->findOrFail($record)->version, 'choices' => $choices, 'why' => 'It says so.'])->assertOk();
    }
}
