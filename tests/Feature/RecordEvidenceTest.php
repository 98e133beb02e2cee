<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Claim;
use App\Models\Event;
use App\Models\Person;
use App\Models\Record;
use Illuminate\Support\Str;

/** What a record says of facts: readings, citations, where it stands, what it lacks, its ink. */
final class RecordEvidenceTest extends TestCase
{
    use KeepsRolls;
    use UploadsFiles;

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
            (string) $this->get("/api/trees/{$this->tree->id}/reports/record/{$record}.html")->getContent());
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
}
