<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Claim;
use App\Models\Event;
use App\Models\Person;
use App\Models\Placing;
use App\Models\Question;
use App\Models\Record;
use App\Models\Union;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

final class RecordsTest extends TestCase
{
    use KeepsRolls;
    use UploadsFiles;

    public function test_a_household_is_entered_lined_up_and_taken_in_whole(): void
    {
        [$ewan, $isbel] = $this->couple();
        $magnus = $this->relative($ewan, 'child', 'Magnus Tarrel h b 1871 Hask');
        $record = $this->record();
        $lines = $this->keep($record, [
            ['Ewan Tarrel', 'Head', '36', 'M', 'Light keeper'], ['Isbel Tarrel', 'Wife', '34', 'F', ''],
            ['Magnus Tarrel', 'Son', '10', 'M', 'Scholar'],
            ['Hester Tarrel', 'Daur', '4', 'F', ''], ['John Marsh', 'Lodger', '50', 'M', ''],
        ]);
        /** @var array<string, array<string, string>> $lined */
        $lined = array_column($this->api('POST', "/records/{$record}/line-up", ['choices' => []])->assertOk()->json('lines'), null,
            'lineId');
        self::assertSame([$ewan, $isbel, $magnus, '', ''],
            array_map(static fn (string $line): string => $lined[$line]['personId'], $lines));
        self::assertSame(['placed', 'placed', 'placed', 'new', 'new'],
            array_map(static fn (string $line): string => $lined[$line]['as'], $lines));
        $before = [$this->exported(), DB::table('journal')->count()];

        $choices = array_map(
            static fn (string $line): array => ['lineId' => $line, 'as' => $lined[$line]['as'],
                'personId' => $lined[$line]['personId'] ?: null], $lines);
        $choices[4] = ['lineId' => $lines[4], 'as' => 'aside', 'reason' => 'A lodger whom nobody will chase.'];
        $said = $this->api('POST', "/records/{$record}/take-in",
            ['version' => $this->version($record), 'choices' => $choices, 'why' => 'One household, at one door.'])->assertOk()
            ->json('said');
        // Four census facts, a trade and the daughter's birth.
        self::assertSame('4 placed, 1 of them new, 1 set aside, 6 facts, 2 ties, 5 more citations.', $said);
        self::assertSame(1, Union::query()->count());
        self::assertSame(1, Event::query()->where('kind', 'marriage')->count());
        $hester = Person::query()->orderByDesc('number')->firstOrFail();
        self::assertSame('F', $hester->sex);
        self::assertSame([1876, 1877],
            [(int) substr($this->fact($hester->id, 'birth')->date->normal, 10, 4),
                (int) substr($this->fact($hester->id, 'birth')->date->normal, -4)]);
        self::assertSame(0, Claim::query()->whereNull('roll_line_id')->count());
        // Everything that came of it is cited by its line.
        self::assertSame([], Event::query()->where('kind', 'census')
            ->whereNotIn('id', Claim::query()->whereNotNull('event_id')->select('event_id'))->pluck('id')->all());

        // Taken in once more it says nothing new.
        $again = array_map(
            static fn (string $line): array => ['lineId' => $line, 'as' => $lined[$line]['as'] === 'new' ? 'new' : 'placed',
                'personId' => $lined[$line]['personId'] ?: null], array_slice($lines, 0, 4));
        self::assertSame('Nothing was changed.',
            $this->api('POST', "/records/{$record}/take-in", ['version' => $this->version($record), 'choices' => $again])->assertOk()
                ->json('said'));
        $this->api('POST', '/journal/undo')->assertOk();
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame($before[0], $this->exported());
        self::assertSame(0, Placing::query()->count());
    }

    public function test_the_wife_is_not_thereby_the_mother(): void
    {
        $record = $this->record();
        $lines = $this->keep($record,
            [['Ewan Tarrel', 'Head', '36', 'M', ''], ['Isbel Tarrel', 'Wife', '20', 'F', ''], ['Magnus Tarrel', 'Son', '10', 'M', '']]);
        $lined = $this->api('POST', "/records/{$record}/line-up", ['choices' => []])->json('lines');
        $ties = array_values(array_filter($lined[2]['told'], static fn (array $told): bool => $told['of'] === 'child'));
        self::assertSame([true, false], array_column($ties, 'isWanted'));

        $this->takeIn($record, array_map(static fn (string $line): array => ['lineId' => $line, 'as' => 'new'], $lines));
        self::assertSame(1, DB::table('parentages')->where('tree_id', $this->tree->id)->count());
        $this->api('POST', '/journal/undo')->assertOk();

        $choices = array_map(static fn (string $line): array => ['lineId' => $line, 'as' => 'new'], $lines);
        $choices[2]['wanted'] = [$ties[1]['key']];
        $this->takeIn($record, $choices);
        self::assertSame(2, DB::table('parentages')->where('tree_id', $this->tree->id)->count());
        self::assertSame(1, Union::query()->count(), 'The child belongs to the couple, not to a union of its own.');
    }

    public function test_what_contradicts_stands_beside_and_opens_its_question(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1845 Hask');
        $record = $this->api('POST', "/sources/{$this->source}/records", ['kind' => 'birth-certificate'])->assertOk()->json('id');
        $lines = [(string) Str::uuid7()];
        $this->api('PUT', "/records/{$record}",
            ['version' => 1, 'date' => '2 June 1850',
                'lines' => [['id' => $lines[0], 'name' => 'Ewan Tarrel', 'role' => 'child', 'columns' => ['born' => '4 May 1850']]]])
            ->assertOk();
        $told = $this->api('POST', "/records/{$record}/line-up",
            ['choices' => [['lineId' => $lines[0], 'as' => 'placed', 'personId' => $ewan]]])->json('lines.0.told');
        self::assertSame('contradicts', array_column($told, 'state', 'of')['person']);
        $this->takeIn($record, [['lineId' => $lines[0], 'as' => 'placed', 'personId' => $ewan]]);
        self::assertSame([['1845', 'unweighed'], ['4 May 1850', 'unweighed']], Event::query()->where('person_id', $ewan)
            ->where('kind', 'birth')->orderBy('position')->get()
            ->map(static fn (Event $event): array => [$event->date->shown, $event->standing])->all());
        self::assertSame([['birth', 'open']], Question::query()->get()
            ->map(static fn (Question $question): array => [$question->aspect, $question->state])->all());
    }

    public function test_a_told_age_strains_and_makes_no_rival(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1845 Hask d 1879');
        $record = $this->record();
        $lines = $this->keep($record, [['Ewan Tarrel', 'Head', '46', 'M', '']]);
        $told = $this->api('POST', "/records/{$record}/line-up",
            ['choices' => [['lineId' => $lines[0], 'as' => 'placed', 'personId' => $ewan]]])->json('lines.0.told');
        // On a census two years after his death, and of an age that is soft.
        self::assertSame(['contradicts', 'strains'], [$told[0]['state'], $told[1]['state']]);
        $this->takeIn($record, [['lineId' => $lines[0], 'as' => 'placed', 'personId' => $ewan, 'reason' => 'The stone is wrong.']]);
        self::assertSame(1, Event::query()->where('person_id', $ewan)->where('kind', 'birth')->count());
        self::assertSame('bears on', DB::table('claim_uses')->where('tree_id', $this->tree->id)->value('stance'));
    }

    public function test_one_person_never_stands_on_two_lines_that_exclude_each_other(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1845 Hask');
        $record = $this->record();
        $lines = $this->keep($record, [['Ewan Tarrel', 'Head', '36', 'M', ''], ['Ewan Tarrel', 'Brother', '34', 'M', '']]);
        $both = array_map(static fn (string $line): array => ['lineId' => $line, 'as' => 'placed', 'personId' => $ewan], $lines);
        $this->api('POST', "/records/{$record}/take-in", ['version' => $this->version($record), 'choices' => $both])->assertStatus(409);
        self::assertSame(0, Placing::query()->count());
    }

    public function test_a_name_that_does_not_fit_asks_first(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1845 Hask');
        $record = $this->record();
        $lines = $this->keep($record, [['Peter Corran', 'Head', '36', 'M', '']]);
        $asked = fn (): string => $this->api('POST', "/records/{$record}/line-up",
            ['choices' => [['lineId' => $lines[0], 'as' => 'placed', 'personId' => $ewan]]])->json('lines.0.asks');
        self::assertSame('The page says Peter Corran; Ewan Tarrel is not known by that name.', $asked());
        $this->api('POST', "/people/{$ewan}/names", ['typed' => 'Peter Corran', 'kind' => 'aka'])->assertOk();
        self::assertSame('', $asked());
    }

    public function test_people_called_into_the_roll_stand_on_lines_that_are_still_to_be_read(): void
    {
        [$ewan, $isbel] = $this->couple();
        $record = $this->record();
        $this->keep($record, [['Peter Corran', 'Lodger', '36', 'M', '']]);
        $call = fn (array $people) => $this->api('POST', "/records/{$record}/called",
            ['people' => $people, 'version' => $this->version($record)]);
        $call([$ewan, $isbel])->assertOk();
        self::assertSame([['Peter Corran', 'unplaced', ''], ['', 'placed', 'Ewan Tarrel'], ['', 'placed', 'Isbel Quillan']],
            array_map(static fn (array $line): array => [$line['name'], $line['state'], $line['person']],
                $this->api('GET', "/records/{$record}")->json('lines')));
        $call([$ewan])->assertStatus(409);
        $this->api('POST', "/records/{$record}/called", ['people' => [$ewan], 'version' => 1])->assertStatus(409);
        $lined = array_column($this->api('POST', "/records/{$record}/line-up", ['choices' => []])->assertOk()->json('lines'), 'as', 'name');
        self::assertSame(['placed', 'placed'], [$lined['Ewan Tarrel'], $lined['Isbel Quillan']]);
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertCount(1, $this->api('GET', "/records/{$record}")->json('lines'));
    }

    public function test_what_is_typed_is_held_and_an_overtaken_request_is_not(): void
    {
        $record = $this->record();
        $hold = fn (int $seq, string $word) => $this->api('PUT', "/records/{$record}/draft",
            ['ofVersion' => 1, 'seq' => $seq, 'roll' => json_encode(['word' => $word])]);
        $hold(2, 'later')->assertNoContent();
        $hold(1, 'earlier')->assertNoContent();
        self::assertStringContainsString('later', $this->api('GET', "/records/{$record}")->json('draft.roll'));

        $other = $this->account('hew@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $other->id, 'role' => 'editor']);
        $this->actingAs($other);
        $hold(9, 'theirs')->assertStatus(409);
        self::assertStringContainsString('later', $this->api('GET', "/records/{$record}")->json('draft.roll'));
        self::assertFalse($this->api('GET', "/records/{$record}")->json('draft.isMine'));

        $this->actingAs($this->user);
        $this->keep($record, [['Ewan Tarrel', 'Head', '36', 'M', '']]);
        self::assertNull($this->api('GET', "/records/{$record}")->json('draft'));
    }

    public function test_whoever_keeps_second_sees_it(): void
    {
        $record = $this->record();
        $version = $this->version($record);
        $this->keep($record, [['Ewan Tarrel', 'Head', '36', 'M', '']]);
        $this->api('PUT', "/records/{$record}", ['version' => $version, 'lines' => []])->assertStatus(409);
        self::assertCount(1, $this->api('GET', "/records/{$record}")->json('lines'));
    }

    public function test_a_change_after_it_was_taken_in_asks_for_another_look(): void
    {
        $record = $this->record();
        $lines = $this->keep($record, [['Ewan Tarrel', 'Head', '36', 'M', '']]);
        $this->takeIn($record, [['lineId' => $lines[0], 'as' => 'new']]);
        self::assertFalse($this->api('GET', "/records/{$record}")->json('lookAgain'));
        $this->keep($record, [['Ewan Tarrell', 'Head', '36', 'M', '']], $lines);
        self::assertTrue($this->api('GET', "/records/{$record}")->json('lookAgain'));
        $this->takeIn($record, [['lineId' => $lines[0], 'as' => 'new']]);
        self::assertFalse($this->api('GET', "/records/{$record}")->json('lookAgain'));
        self::assertSame(1, Person::query()->count());
        $this->api('POST', "/records/{$record}/images", ['uploadId' => $this->upload(self::picture(60, 40), 'leaf.png')])->assertOk();
        self::assertTrue($this->api('GET', "/records/{$record}")->json('lookAgain'), 'A picture that came later asks for one too.');
    }

    public function test_what_is_held_cites_every_fact_that_is_entered(): void
    {
        $held = ['X-Held-Citation' => "{$this->source} ".rawurlencode('sheet 4, lines 1–9')];
        $this->withHeaders($held);
        $ewan = $this->person('Ewan Tarrel h b 1845 Hask d 1899');
        $this->relative($ewan, 'partner', 'Isbel Quillan w b 1847 m 1870 Hask');
        $this->flushHeaders();
        $this->api('POST', "/people/{$ewan}/facts", ['kind' => 'occupation', 'value' => 'keeper'])->assertOk();
        self::assertSame(4, Claim::query()->whereNotNull('event_id')->count());
        self::assertSame(1, Record::query()->where('locator', 'sheet 4, lines 1–9')->count());
        self::assertSame(0, Claim::query()->where('event_id', $this->fact($ewan, 'occupation')->id)->count());
    }

    public function test_a_record_is_printed_as_a_transcript_and_the_living_are_not_named(): void
    {
        $una = $this->person('Una Tarrel w b 1990 Hask');
        $record = $this->record();
        $lines = $this->keep($record, [['Ewan Tarrel', 'Head', '36', 'M', 'Keeper'], ['Una Tarrel', 'Visitor', '3', 'F', '']]);
        $this->takeIn($record,
            [['lineId' => $lines[0], 'as' => 'new'], ['lineId' => $lines[1], 'as' => 'aside', 'reason' => 'Another Una.']]);
        $printed = (string) $this->get("/api/trees/{$this->tree->id}/reports/record/{$record}.html")->assertOk()->getContent();
        self::assertStringContainsString('Ewan Tarrel', $printed);
        self::assertStringContainsString('Keeper', $printed);
        self::assertStringContainsString('set aside', $printed);
        self::assertStringNotContainsString('Una Tarrel', $printed);
        self::assertNotSame('', $una);
    }

    public function test_the_desk_and_the_person_tell_what_is_not_placed(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1845 Hask');
        $record = $this->record();
        $lines = $this->keep($record, [['Ewan Tarrel', 'Head', '36', 'M', ''], ['Peter Corran', 'Lodger', '20', 'M', '']]);
        self::assertContains('Two names are not placed on Census of Marren, 1881, sheet 4.',
            array_column($this->api('GET', '/desk')->json('yours'), 'text'));
        self::assertSame([[false, 'Ewan Tarrel']],
            array_map(static fn (array $line): array => [$line['isPlaced'], $line['name']], $this->api('GET', "/people/{$ewan}/lines")
                ->json('lines')));
        $this->takeIn($record,
            [['lineId' => $lines[0], 'as' => 'placed', 'personId' => $ewan],
                ['lineId' => $lines[1], 'as' => 'aside', 'reason' => 'No kin.']]);
        self::assertSame([],
            array_filter(array_column($this->api('GET', '/desk')->json('yours'), 'text'),
                static fn (string $text): bool => str_contains($text, 'placed')));
        self::assertSame([[true, 'Ewan Tarrel']],
            array_map(static fn (array $line): array => [$line['isPlaced'], $line['name']], $this->api('GET', "/people/{$ewan}/lines")
                ->json('lines')));
    }

    public function test_records_rolls_placings_and_pictures_go_out_zipped_and_come_back(): void
    {
        [$ewan] = $this->couple();
        $record = $this->record();
        $image = $this->api('POST', "/records/{$record}/images",
            ['uploadId' => $this->upload(self::picture(60, 40), 'sheet.png'), 'title' => 'sheet 4'])->assertOk()->json('id');
        $lines = $this->keep($record, [['Ewan Tarrel', 'Head', '36', 'M', 'Keeper'], ['Amos Vesper', 'Lodger', '31', 'M', '']]);
        $this->takeIn($record,
            [['lineId' => $lines[0], 'as' => 'placed', 'personId' => $ewan],
                ['lineId' => $lines[1], 'as' => 'aside', 'reason' => 'No kin.']]);
        self::assertSame('ready', $this->api('GET', "/records/{$record}")->json('images.0.state'));
        self::assertNotSame('', $image);
        $before = self::withoutHead($this->exported());
        $zip = (string) $this->get("/api/trees/{$this->tree->id}/exchange/export?version=7&living=keep&zipped=1")->assertOk()
            ->streamedContent();
        self::assertStringStartsWith("PK\x03\x04", $zip);

        $this->tree = \App\Models\Tree::begin('Again', $this->user);
        $this->enter($this->tree);
        $this->bringInto($zip, [], 'again.gdz')->assertOk();
        self::assertSame($before, self::withoutHead($this->exported()));
        $again = $this->api('GET', '/records/'.Record::query()->where('kind', 'census-1881')->firstOrFail()->id);
        self::assertSame([['Ewan Tarrel', 'placed', 'Ewan Tarrel'], ['Amos Vesper', 'aside', '']],
            array_map(static fn (array $line): array => [$line['name'], $line['state'], $line['person']], $again->json('lines')));
        self::assertSame(['sheet 4', 'ready'], [$again->json('images.0.title'), $again->json('images.0.state')]);
    }

    private static function withoutHead(string $file): string
    {
        return (string) preg_replace('/^1 CHAN\n2 DATE .*\n3 TIME .*\n/m', '', (string) strstr($file, "\n0 @"));
    }
}
