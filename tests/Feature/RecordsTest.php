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
    use UploadsFiles;

    private string $source;

    protected function setUp(): void
    {
        parent::setUp();
        $this->source = $this->source('Census of Marren, 1881');
    }

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

    public function test_a_doubtful_reading_gives_its_alternative_as_a_rival_when_it_is_wanted(): void
    {
        $record = $this->record();
        $line = (string) Str::uuid7();
        $this->api('PUT', "/records/{$record}",
            ['version' => 1, 'date' => '3 April 1881', 'place' => 'Hask', 'lines' => [['id' => $line, 'name' => 'Ewan Tarrel',
                'columns' => ['relation' => 'Head', 'age' => '36', 'age?' => '26', 'name?' => 'Euan Farrel']]]])->assertOk();
        $told = $this->api('POST', "/records/{$record}/line-up", ['choices' => [['lineId' => $line, 'as' => 'new']]])->json('lines.0.told');
        $births = array_values(array_filter($told, static fn (array $one): bool => str_starts_with($one['says'], 'Birth')));
        self::assertSame([['Birth 1844 or 1845', true], ['Birth 1854 or 1855', false]],
            array_map(static fn (array $birth): array => [$birth['says'], $birth['isWanted']], $births));

        $this->takeIn($record, [['lineId' => $line, 'as' => 'new', 'wanted' => [$births[1]['key']]]]);
        $person = Person::query()->firstOrFail()->id;
        self::assertSame([['1844 or 1845', 'unweighed'], ['1854 or 1855', 'rival']], Event::query()->where('person_id', $person)
            ->where('kind', 'birth')->orderBy('position')->get()
            ->map(static fn (Event $event): array => [$event->date->shown, $event->standing])->all());
        self::assertSame(['doubtful', 'doubtful'], Claim::query()->where('aspect', 'birth')->pluck('reading')->all());
        self::assertSame(['sure'], Claim::query()->where('aspect', 'census')->pluck('reading')->all());
        self::assertStringContainsString('36 [or 26?]',
            (string) $this->get("/api/trees/{$this->tree->id}/records/{$record}/transcript.html")->getContent());
    }

    public function test_one_citation_is_put_on_the_same_event_of_the_family(): void
    {
        [$ewan, $isbel] = $this->couple();
        $magnus = $this->relative($ewan, 'child', 'Magnus Tarrel h b 1871 Hask');
        $this->relative($ewan, 'child', 'Jean Tarrel w b 1890 Hask');
        $census = $this->api('POST', "/people/{$ewan}/facts", ['kind' => 'census', 'date' => '3 April 1881', 'place' => 'Hask'])->assertOk()
            ->json('id');
        $hers = $this->api('POST', "/people/{$isbel}/facts", ['kind' => 'census', 'date' => '1881'])->assertOk()->json('id');
        $claim = $this->api('POST', "/facts/{$census}/citations",
            ['sourceId' => $this->source, 'locator' => 'sheet 4', 'words' => 'the keepers'])->assertOk()->json('id');
        $birth = $this->api('POST', "/facts/{$this->fact($ewan, 'birth')->id}/citations", ['sourceId' => $this->source])->json('id');

        // Jean was not born yet; nobody shares a birth.
        self::assertSame([[$isbel, '1881'], [$magnus, '']],
            array_map(static fn (array $one): array => [$one['personId'], $one['fact']], $this->api('GET', "/claims/{$claim}/others")
                ->assertOk()->json('people')));
        self::assertSame([], $this->api('GET', "/claims/{$birth}/others")->json('people'));
        $this->api('POST', "/claims/{$claim}/others", ['people' => [$isbel, $magnus]])->assertOk();
        self::assertSame(1, Record::query()->where('locator', 'sheet 4')->count());
        self::assertSame(3, Claim::query()->where('words', 'the keepers')->count());
        self::assertSame([$hers], Event::query()->where('person_id', $isbel)->where('kind', 'census')->pluck('id')->all());
        self::assertSame('Hask', $this->fact($magnus, 'census')->place_typed);
        self::assertSame([true, true], array_column($this->api('GET', "/claims/{$claim}/others")->json('people'), 'isCited'));
        $this->api('POST', "/claims/{$claim}/others", ['people' => [$this->person('Peter Corran h b 1840')]])->assertStatus(409);
    }

    public function test_where_it_stands_is_said_in_the_fields_of_its_kind_of_source(): void
    {
        $source = $this->api('POST', '/sources', ['kind' => 'census-page', 'fields' => ['title' => 'Census of Marren, 1901']])->assertOk()
            ->json('id');
        $record = $this->api('POST', "/sources/{$source}/records", ['kind' => 'census-1901'])->json('id');
        self::assertSame(['Sheet', 'Household', 'Page'], array_column($this->api('GET', "/records/{$record}")->json('asked'), 'label'));
        $said = function (array $fields, ?string $locator = null) use ($record): string {
            $this->api('PUT', "/records/{$record}",
                ['version' => $this->version($record), 'lines' => [], 'fields' => $fields, 'locator' => $locator])->assertOk();

            return $this->api('GET', "/records/{$record}")->json('locator');
        };
        self::assertSame('sheet 9, schedule 4', $said(['cite:household' => 'schedule 4', 'cite:sheet' => 'sheet 9']));
        self::assertSame('sheet 10, schedule 4',
            $said(['cite:household' => 'schedule 4', 'cite:sheet' => 'sheet 10'], 'sheet 9, schedule 4'));
        self::assertSame('at the back', $said(['cite:sheet' => 'sheet 10'], 'at the back'));
    }

    public function test_a_record_that_becomes_another_kind_keeps_what_its_lines_say(): void
    {
        $record = $this->record();
        $lines = $this->keep($record, [['Ewan Tarrel', 'Head', '36', 'M', 'Keeper']]);
        $this->api('PUT', "/records/{$record}",
            ['version' => $this->version($record), 'kind' => 'baptism',
                'lines' => [['id' => $lines[0], 'name' => 'Ewan Tarrel', 'columns' => ['relation' => 'Head', 'trade' => 'Keeper']]]])
            ->assertOk();
        $now = $this->api('GET', "/records/{$record}");
        self::assertSame(['baptism', 'Head'], [$now->json('kind.code'), $now->json('lines.0.columns.relation')]);
    }

    public function test_a_citation_that_was_there_is_read_from_its_line_and_not_doubled(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1845 Hask');
        $birth = $this->fact($ewan, 'birth')->id;
        $this->api('POST', "/facts/{$birth}/citations", ['sourceId' => $this->source, 'locator' => 'sheet 4', 'words' => 'aged 36'])
            ->assertOk();
        $record = Record::query()->where('locator', 'sheet 4')->firstOrFail()->id;
        $this->api('PUT', "/records/{$record}", ['version' => 1, 'kind' => 'census-1881', 'lines' => []])->assertOk();
        $lines = $this->keep($record, [['Ewan Tarrel', 'Head', '36', 'M', '']]);
        $this->takeIn($record, [['lineId' => $lines[0], 'as' => 'placed', 'personId' => $ewan]]);
        self::assertSame([['aged 36', $lines[0]]], Claim::query()->where('event_id', $birth)->get()
            ->map(static fn (Claim $claim): array => [$claim->words, $claim->roll_line_id])->all());
    }

    public function test_what_the_copy_lacks_becomes_something_to_do(): void
    {
        $record = $this->record();
        $this->api('POST', "/records/{$record}/tasks", ['text' => 'Get what the copy lacks: the next leaf'])->assertOk();
        self::assertSame([['Get what the copy lacks: the next leaf', 'Census of Marren, 1881, sheet 4']],
            array_map(static fn (array $task): array => [$task['text'], $task['about']], $this->api('GET', "/tasks?record={$record}")
                ->json('tasks')));
        self::assertCount(1, $this->api('GET', '/tasks')->json('tasks'));
    }

    public function test_the_ink_of_a_line_stands_beside_what_it_backs(): void
    {
        $record = $this->record();
        $image = $this->api('POST', "/records/{$record}/images", ['uploadId' => $this->upload(self::picture(60, 40), 'sheet.png')])
            ->json('id');
        $line = (string) Str::uuid7();
        $strip = ['image' => $image, 'page' => 0, 'left' => 0.1, 'top' => 0.25, 'width' => 0.8, 'height' => 0.125];
        $this->api('PUT', "/records/{$record}",
            ['version' => $this->version($record), 'date' => '3 April 1881',
                'lines' => [['id' => $line, 'name' => 'Ewan Tarrel', 'columns' => ['age' => '36'], 'slip' => $strip]]])->assertOk();
        $this->takeIn($record, [['lineId' => $line, 'as' => 'new']]);
        $person = Person::query()->firstOrFail()->id;
        $beside = $this->api('GET', "/facts/{$this->fact($person, 'birth')->id}/beside")->assertOk()->json('slips');
        self::assertSame([0.25, 60], [$beside[0]['slip']['top'], $beside[0]['page']['width']]);
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
        $printed = (string) $this->get("/api/trees/{$this->tree->id}/records/{$record}/transcript.html")->assertOk()->getContent();
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

    /** @return array{string, string} */
    private function couple(): array
    {
        $ewan = $this->person('Ewan Tarrel h b 1845 Hask');
        $isbel = $this->relative($ewan, 'partner', 'Isbel Quillan w b 1847 Hask m 1870 Hask');

        return [$ewan, $isbel];
    }

    private function record(): string
    {
        return $this->api('POST', "/sources/{$this->source}/records", ['kind' => 'census-1881', 'locator' => 'sheet 4'])->assertOk()
            ->json('id');
    }

    private function version(string $record): int
    {
        return Record::query()->findOrFail($record)->version;
    }

    /**
     * @param  list<array{string, string, string, string, string}>  $rows  name, relation, age, sex, trade
     * @param  list<string>  $ids
     * @return list<string> ids of the lines
     */
    private function keep(string $record, array $rows, array $ids = []): array
    {
        $lines = array_map(static fn (array $row, int $at): array => ['id' => $ids[$at] ?? (string) Str::uuid7(), 'name' => $row[0],
            'columns' => ['relation' => $row[1], 'age' => $row[2], 'sex' => $row[3], 'trade' => $row[4]]], $rows, array_keys($rows));
        $this->api('PUT', "/records/{$record}",
            ['version' => $this->version($record), 'date' => '3 April 1881', 'place' => 'Hask', 'lines' => $lines])->assertOk();

        return array_column($lines, 'id');
    }

    /** @param  list<array<string, mixed>>  $choices */
    private function takeIn(string $record, array $choices): void
    {
        $this->api('POST', "/records/{$record}/take-in",
            ['version' => $this->version($record), 'choices' => $choices, 'why' => 'It says so.'])->assertOk();
    }
}
