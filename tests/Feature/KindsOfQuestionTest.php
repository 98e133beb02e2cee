<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use App\Models\Person;
use App\Models\Question;
use App\Models\Record;
use App\Models\Tree;
use App\Trees\Derived\Finding\ConflictFindings;
use App\Trees\Derived\RecalculationQueue;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** What else can contradict: what came with a file, places, mothers, a sex, a name. */
final class KindsOfQuestionTest extends TestCase
{
    use AsksQuestions;
    use UploadsFiles;

    public function test_a_conflict_that_came_with_a_file_waits_until_it_is_taken_up(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1850 Hask');
        DB::table('events')
            ->insert([...(array) DB::table('events')->where('person_id', $ewan)->where('kind', 'birth')->first(),
                'id' => '01a00000-0000-7000-8000-000000000001', 'date_typed' => '1840', 'date_begin_lo' => 2393100,
                'date_begin_hi' => 2393400, 'date_shown' => '1840', 'position' => 9]);
        self::assertSame(0, Question::query()->count());
        $this->api('POST', '/questions', ['personId' => $ewan, 'aspect' => 'death'])->assertStatus(409);
        $id = $this->api('POST', '/questions', ['personId' => $ewan, 'aspect' => 'birth'])->assertOk()->json('id');
        self::assertSame([$id, 1], [$this->api('GET', '/questions')->json('rows.0.id'), $this->api('GET', '/questions')->json('open')]);
    }

    public function test_conflicts_of_the_whole_tree_wait_as_findings_the_worst_first_until_they_are_taken_up(): void
    {
        $file = "0 HEAD\n1 GEDC\n2 VERS 7.0\n"
            ."0 @I1@ INDI\n1 NAME Wat /Sallow/\n1 BIRT\n2 DATE 1811\n1 BIRT\n2 DATE 1815\n"
            ."0 @I2@ INDI\n1 NAME Una /Corran/\n1 DEAT\n2 DATE 4 MAY 1888\n1 DEAT\n2 DATE ABT 1891\n"
            ."0 @I3@ INDI\n1 NAME Ann /Osk/\n1 BIRT\n2 DATE 1820\n1 BIRT\n2 DATE ABT 1820\n0 TRLR\n";
        $this->bringInto($file)->assertOk();
        app(RecalculationQueue::class)->catchUp();
        self::assertSame(0, Question::query()->count());
        $found = $this->api('GET', '/findings')->assertOk();
        self::assertSame([2, ['When was Wat Sallow born?', 'When did Una Corran die?'], [true, false]],
            [$found->json('count'), $found->json('found.*.sentence'), $found->json('found.*.isHard')]);

        $wat = $found->json('found.0.personId');
        $this->api('POST', '/questions', ['personId' => $wat, 'aspect' => 'birth'])->assertOk();
        self::assertSame(['When did Una Corran die?'], $this->api('GET', '/findings')->json('found.*.sentence'));
        $this->api('PATCH', '/facts/'.Event::query()->where('date_typed', 'ABT 1891')->value('id'),
            ['date' => 'about 1888', 'version' => 1])->assertOk();
        app(RecalculationQueue::class)->catchUp();
        self::assertSame([], $this->api('GET', '/findings')->json('found'));
        $kept = DB::table('findings')->orderBy('person_id')->orderBy('aspect')->get(['person_id', 'rule', 'read_hash'])->all();
        app(ConflictFindings::class)->rebuild();
        self::assertEquals($kept, DB::table('findings')->orderBy('person_id')->orderBy('aspect')->get(['person_id', 'rule', 'read_hash'])
            ->all());
    }

    public function test_two_places_on_one_day_are_decided_by_fact(): void
    {
        $isles = array_map(fn (string $name): string => $this->api('POST', '/places', ['name' => $name])->assertOk()->json('id'),
            ['Hask', 'Tolsay']);
        $ewan = $this->person('Ewan Tarrel h');
        $facts = array_map(
            fn (string $place, string $id): string => $this->api('POST', "/people/{$ewan}/facts",
                ['kind' => 'census', 'date' => '3 Apr 1881', 'place' => $place, 'placeId' => $id])->assertOk()->json('id'),
            ['Hask', 'Tolsay'], $isles);
        $question = Question::query()->where('aspect', 'presence')->firstOrFail();
        $page = $this->api('GET', "/questions/{$question->id}")->assertOk();
        self::assertEqualsCanonicalizing($facts, $page->json('facts.*.id'));
        self::assertSame(['Hask', 'Tolsay'], $page->json('facts.*.place'));
        $this->api('POST', "/questions/{$question->id}/decide",
            ['version' => $question->version, 'factId' => $facts[1], 'reason' => 'The sheet of Hask is of his cousin.',
                'standings' => [$facts[0] => 'ruled out']])->assertOk();
        self::assertSame(['ruled out', 'accepted'],
            [Event::query()->findOrFail($facts[0])->standing, Event::query()->findOrFail($facts[1])->standing]);
        self::assertCount(2, $this->api('GET', "/questions/{$question->id}")->json('facts'));
    }

    public function test_two_mothers_are_asked_for_as_a_case(): void
    {
        $jean = $this->person('Jean Tarrel w b 1850');
        $first = $this->relative($jean, 'mother', 'Ann Osk w');
        $this->relative($jean, 'father', 'Ewan Tarrel h');
        $second = $this->api('POST', "/people/{$jean}/relatives", ['relation' => 'mother', 'line' => 'Una Corran w', 'kind' => 'adoptive'])
            ->assertOk()->json('id');
        // As a file can tell it; by hand a second mother by birth is refused.
        DB::table('parentages')->where('person_id', $second)->update(['kind' => 'birth']);
        $question = $this->api('POST', '/questions', ['personId' => $jean, 'aspect' => 'mother'])->assertOk()->json('id');
        $page = $this->api('GET', "/questions/{$question}")->assertOk();
        self::assertEqualsCanonicalizing([$first, $second], $page->json('people'));
        $case = $this->api('POST', '/cases', ['aspect' => 'mother', 'personId' => $jean, 'people' => [$first, $second]])->assertOk()
            ->json('id');
        $alternative = $this->api('GET', "/cases/{$case}")->json('alternatives.0.id');
        $claim = $this->api('POST', "/facts/{$this->fact($jean, 'birth')->id}/citations",
            ['sourceId' => $this->source('Register of St Osmund')])->assertOk()->json('id');
        $this->api('POST', "/cases/{$case}/points",
            ['text' => 'The register names her.', 'isFor' => true, 'alternativeId' => $alternative, 'claimId' => $claim])->assertOk();
        $conclude = fn (string $state) => $this->api('POST', "/cases/{$case}/conclude",
            ['version' => $this->row($case)->version, 'state' => $state,
                'alternativeId' => $state === 'unresolved' ? null : $alternative, 'reason' => 'The register.'])->assertOk();
        $asked = fn (): array => [$this->row($question)->state, $this->row($question)->decision, $this->row($question)->reopened_by];

        $conclude('probable');
        self::assertSame(['decided', 'Ann Osk', ''], $asked());
        $conclude('unresolved');
        self::assertSame(['open', 'Ann Osk', 'The case that answered it is open again.'], $asked());
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame('decided', $asked()[0]);
        $this->api('PATCH', "/claims/{$claim}", ['version' => 1, 'information' => 'secondary', 'reading' => 'sure', 'informant' => ''])
            ->assertOk();
        self::assertSame(['open', 'Ann Osk', 'The case that answered it is open again.'], $asked(), 'it is asked again with the case');
    }

    public function test_a_line_that_makes_a_woman_a_man_is_asked_about_and_decided(): void
    {
        $source = $this->source('Census of Marren, 1881');
        $jean = $this->person('Jean Tarrel w b 1850');
        $record = $this->api('POST', "/sources/{$source}/records", ['kind' => 'census-1881', 'locator' => 'sheet 4'])->assertOk()
            ->json('id');
        $line = (string) Str::uuid7();
        $this->api('PUT', "/records/{$record}",
            ['version' => 1, 'date' => '3 April 1881', 'place' => 'Hask',
                'lines' => [['id' => $line, 'name' => 'Jean Tarrel', 'columns' => ['relation' => 'Son', 'age' => '31', 'sex' => 'M']]]])
            ->assertOk();
        $told = $this->api('POST', "/records/{$record}/line-up",
            ['choices' => [['lineId' => $line, 'as' => 'placed', 'personId' => $jean]]])->assertOk()->collect('lines.0.told')
            ->firstWhere('of', 'sex');
        self::assertSame(['contradicts', 'The tree says female.'], [$told['state'] ?? '', $told['ground'] ?? '']);
        $this->api('POST', "/records/{$record}/take-in",
            ['version' => Record::query()->where('id', $record)->firstOrFail()->version,
                'choices' => [['lineId' => $line, 'as' => 'placed', 'personId' => $jean]], 'why' => 'It is she.'])->assertOk();

        self::assertSame('F', Person::query()->findOrFail($jean)->sex, 'what a line says changes nothing that is known');
        $question = Question::query()->where('aspect', 'sex')->firstOrFail();
        self::assertSame(['Was Jean Tarrel a man or a woman?'], $this->api('GET', "/people/{$jean}")->json('cases.*.sentence'));
        $page = $this->api('GET', "/questions/{$question->id}")->assertOk();
        self::assertSame(['Was Jean Tarrel a man or a woman?', [['M', 'a man', 'unweighed'], ['F', 'a woman', 'accepted']]],
            [$page->json('sentence'),
                array_map(static fn (array $side): array => [$side['id'], trim("{$side['word']} {$side['shown']}"), $side['standing']],
                    $page->json('facts'))]);
        self::assertSame([['M', 'a man'], ['F', 'a woman']],
            array_map(static fn (array $row): array => [$row['factId'], $row['told']], $page->json('rows')));
        $decide = fn (array $said) => $this->api('POST', "/questions/{$question->id}/decide",
            ['version' => $question->refresh()->version, 'reason' => 'She wed in 1872.', ...$said]);
        $decide([])->assertStatus(422);
        $decide(['sex' => 'F'])->assertOk();
        self::assertSame(['decided', 'a woman'], [$question->refresh()->state, $question->decision]);
        self::assertStringContainsString('a woman', (string) $this->api('GET', "/questions/{$question->id}")->json('summary'));
        $this->api('POST', "/people/{$jean}/notes", ['text' => 'She kept the light.'])->assertOk();
        $this->api('PATCH', "/people/{$jean}",
            ['saidDeadWhy' => 'Of another age.', 'version' => Person::query()->findOrFail($jean)->version])->assertOk();
        self::assertSame('decided', $question->refresh()->state, 'nothing else opens it');
        $decide(['sex' => 'M'])->assertOk();
        self::assertSame(['M', 'a man', 1],
            [Person::query()->findOrFail($jean)->sex, $question->refresh()->decision, DB::table('rests_on')
                ->where('deciding_question_id', $question->id)->count()]);
        $claim = DB::table('claims')->where('aspect', 'sex')->value('id');
        $this->api('PATCH', "/claims/{$claim}", ['version' => 1, 'information' => 'secondary', 'reading' => 'doubtful', 'informant' => ''])
            ->assertOk();
        self::assertSame('open', $question->refresh()->state, 'a claim that it rests on was changed');
    }

    public function test_a_name_leads_is_disputed_or_is_ruled_out_with_why(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1850');
        $other = $this->api('POST', "/people/{$ewan}/names", ['typed' => 'Evander Sallow'])->assertOk()->json('id');
        $first = $this->api('GET', "/people/{$ewan}")->json('names.0.id');
        $stand = fn (string $name, string $standing, string $why = '') => $this->api('POST', "/names/{$name}/standing",
            ['standing' => $standing, 'why' => $why]);
        $found = fn (string $q): array => $this->api('GET', "/jump?q={$q}")->json('people.*.id');

        $stand($other, 'accepted')->assertOk();
        self::assertSame('Evander Sallow', $this->api('GET', "/people/{$ewan}")->json('name'));
        $stand($first, 'accepted')->assertOk();
        self::assertSame(['Ewan Tarrel', [$ewan]], [$this->api('GET', "/people/{$ewan}")->json('name'), $found('sallow')]);
        $stand($other, 'ruled out')->assertStatus(422);
        $stand($other, 'ruled out', 'It is his cousin’s.')->assertOk();
        self::assertSame([], $found('sallow'));
        $stand($first, 'ruled out', 'Nor this.')->assertStatus(422);
        self::assertSame(['Ewan Tarrel', 'Evander Sallow'], $this->api('GET', "/people/{$ewan}")->json('names.*.shown'));

        // Typed again, it brings up why; it can be entered all the same.
        $this->api('POST', "/people/{$ewan}/names", ['typed' => 'Evander Sallow'])->assertStatus(409)
            ->assertJsonPath('message', 'The name Evander Sallow was ruled out: It is his cousin’s.');
        $file = $this->exported();
        self::assertStringContainsString("1 _NB_RULED_NAME Evander /Sallow/\n", $file);
        self::assertStringNotContainsString('1 NAME Evander', $file);
        $this->tree = Tree::begin('Again', $this->user);
        $this->enter($this->tree);
        $this->bringInto($file)->assertOk();
        self::assertSame(['accepted', 'ruled out'], DB::table('names')->where('tree_id', $this->tree->id)->orderBy('standing')
            ->pluck('standing')->all());
    }
}
