<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ParentSet;
use App\Models\Question;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;
use NorthBough\Core\Citation\SourceKinds;
use NorthBough\Core\Record\RecordKinds;

/** Every kind of change, a family that each can be made to, and the tree as it is stored. */
trait EveryChange
{
    use Destinations;
    use EveryAddress;
    use KeepsDrawings;
    use PeopleEnteredTwice;
    use StoredRows;
    use UploadsFiles;
    use WrittenBooks;

    /** Every kind of change that the page can make; StrangersTest knows the routes, this list must know them too. */
    public const CHANGES = [
        'POST people', 'PATCH people/{person}', 'DELETE people/{person}', 'POST people/{person}/relatives',
        'POST people/{person}/names', 'POST people/{person}/facts', 'POST unions/{union}/facts', 'PATCH names/{name}',
        'DELETE names/{name}', 'POST names/{name}/standing', 'PATCH facts/{fact}', 'DELETE facts/{fact}',
        'POST facts/{fact}/citations', 'POST changed-values/{entry}/put-back', 'POST impact/{target}/{id}', 'POST searches',
        'PATCH searches/{search}', 'DELETE searches/{search}', 'POST cases', 'POST cases/{question}/alternatives',
        'DELETE alternatives/{alternative}', 'POST cases/{question}/points', 'DELETE points/{point}',
        'POST cases/{question}/conclude', 'POST cases/{question}/tasks', 'POST questions', 'POST questions/{question}/decide',
        'POST questions/{question}/reopen', 'PUT questions/{question}/summary', 'POST facts/{fact}/lead',
        'POST facts/{fact}/rule-out', 'PATCH claims/{claim}', 'DELETE claims/{claim}', 'POST claims/{claim}/others',
        'DELETE parent-sets/{parentSet}', 'DELETE union-partners/{unionPartner}', 'POST union-partners/{unionPartner}/standing',
        'POST people/{person}/unlink', 'POST sources', 'PATCH sources/{source}', 'PATCH parent-sets/{parentSet}',
        'POST parent-sets/{parentSet}/move', 'POST union-partners/{unionPartner}/move', 'PUT unions/{union}/children',
        'PUT people/{person}/unions', 'POST people/{person}/notes', 'POST facts/{fact}/notes', 'PATCH notes/{note}',
        'DELETE notes/{note}', 'POST people/{person}/tasks', 'PATCH tasks/{task}', 'DELETE tasks/{task}', 'POST groups',
        'POST marks', 'DELETE groups/{group}', 'DELETE marks/{mark}', 'PUT people/{person}/groups/{group}',
        'DELETE people/{person}/groups/{group}', 'PUT people/{person}/marks/{mark}', 'DELETE people/{person}/marks/{mark}',
        'POST facts/{fact}/roles', 'DELETE roles/{role}', 'POST event-kinds', 'PUT event-kinds/{eventKind}',
        'DELETE event-kinds/{eventKind}', 'PUT sources/{source}/reckoning', 'POST places', 'PATCH places/{place}',
        'PUT places/{place}/reckoning', 'DELETE places/{place}', 'POST places/{place}/names', 'POST places/{place}/insides',
        'POST places/{place}/churches', 'DELETE place-names/{placeName}', 'DELETE place-insides/{placeInside}',
        'DELETE place-churches/{placeChurch}', 'POST wordings', 'POST wordings/all', 'PATCH unions/{union}', 'POST name-variants',
        'DELETE name-variants/{nameVariant}', 'POST sources/{source}/notes', 'PATCH repositories/{repository}',
        'POST repositories/{repository}/notes', 'POST source-kinds', 'PATCH source-kinds/{sourceKind}',
        'DELETE source-kinds/{sourceKind}', 'POST record-kinds', 'PATCH record-kinds/{recordKind}',
        'DELETE record-kinds/{recordKind}', 'POST sources/{source}/records', 'PUT records/{record}', 'DELETE records/{record}',
        'POST records/{record}/take-in', 'POST records/{record}/called', 'POST records/{record}/tasks',
        'POST records/{record}/images', 'DELETE images/{image}', 'POST pictures', 'PATCH pictures/{media}',
        'POST pictures/{media}/regions', 'DELETE regions/{region}', 'POST regions/{region}/portrait', 'POST world-events',
        'DELETE world-events/{worldEvent}', 'PUT doubles/{person}/{otherPerson}/ruling',
        'DELETE doubles/{person}/{otherPerson}/ruling', 'POST joins/{join}/apart', 'POST doubles/{person}/{otherPerson}/join',
        'POST joinables/{joinable}/{thing}/{otherThing}', 'POST saved-drawings', 'PUT saved-drawings/{savedDrawing}',
        'DELETE saved-drawings/{savedDrawing}', 'POST texts', 'PUT texts/{text}', 'POST books', 'PUT books/{book}',
        'DELETE books/{book}', 'DELETE texts/{text}', 'POST saved-reports', 'PUT saved-reports/{savedReport}',
        'DELETE saved-reports/{savedReport}',
    ];

    /** @return array<string, string> */
    private function family(): array
    {
        $person = $this->person('Ewan Tarrel h b 1847 Hask Light, Hask d 1923');
        $this->relative($person, 'father', 'Magnus Tarrel b 1818');
        $this->relative($person, 'partner', 'Moll Stair w m 17 Oct 1888 Kirkhaven');
        $page = $this->api('GET', "/people/{$person}");
        $union = $page->json('unions.0.id');
        $this->relative($person, 'child', 'Jean Tarrel w b 1889', $union);
        $name = $this->api('POST', "/people/{$person}/names", ['typed' => 'Evan Tarrell'])->json('id');
        $source = $this->source('Register of St Osmund');
        $fact = $this->fact($person, 'birth')->id;
        $claim = $this->api('POST', "/facts/{$fact}/citations", ['sourceId' => $source, 'locator' => 'baptisms 1847', 'words' => 'Ewan'])
            ->json('id');
        $this->api('POST', "/facts/{$fact}/citations", ['sourceId' => $source, 'locator' => 'p. 2']);

        $second = $this->relative($person, 'partner', 'Nan Osk w');
        $other = $this->api('GET', "/people/{$second}")->json('unions.0.id');
        $note = $this->api('POST', "/people/{$person}/notes", ['text' => 'A quiet man.'])->assertOk()->json('id');
        $task = $this->api('POST', "/people/{$person}/tasks", ['text' => 'Find the burial.'])->assertOk()->json('id');
        $group = $this->api('POST', '/groups', ['name' => 'Keepers'])->assertOk()->json('id');
        $mark = $this->api('POST', '/marks', ['name' => 'Look again', 'colour' => 'ochre'])->assertOk()->json('id');
        $empty = [$this->api('POST', '/groups', ['name' => 'Herring fleet'])->json('id'), $this->api('POST', '/marks', ['name' => 'Sure'])
            ->json('id')];
        $this->api('PUT', "/people/{$person}/groups/{$group}")->assertSuccessful();
        $this->api('PUT', "/people/{$person}/marks/{$mark}")->assertSuccessful();
        $role = $this->api('POST', "/facts/{$fact}/roles", ['role' => 'witness', 'words' => 'Jn Osk'])->assertOk()->json('id');
        $kind = $this->api('POST', '/event-kinds', ['word' => 'Kelp licence'])->assertOk()->json('id');

        $isles = $this->api('POST', '/places', ['name' => 'Marren Isles'])->assertOk()->json('id');
        [$tolsay, $hask] = array_map(fn (string $name): string => $this->api('POST', '/places', ['name' => $name, 'insideId' => $isles])
            ->assertOk()->json('id'), ['Tolsay', 'Hask']);
        $ties = ['placeId' => $tolsay, 'from' => '1782', 'to' => ''];
        $parts = ['place' => $hask, 'tolsay' => $tolsay, 'joinable' => 'place', 'thing' => $hask,
            'otherThing' => $this->api('POST', '/places', ['name' => 'Old Tolsay'])->assertOk()->json('id'),
            'nameVariant' => $this->api('POST', '/name-variants', ['words' => 'Ewan Ewie'])->json('id'),
            'worldEvent' => $this->api('POST', '/world-events', ['words' => 'The light was lit', 'date' => '1807'])->json('id'),
            'repository' => $this->repository('Record House'),
            'placeName' => $this->api('POST', "/places/{$hask}/names", ['name' => 'Stair Isle'])->json('id'),
            'placeInside' => $this->api('POST', "/places/{$hask}/insides", $ties)->json('id'),
            'placeChurch' => $this->api('POST', "/places/{$hask}/churches", $ties)->json('id')];
        $this->api('PATCH', "/facts/{$this->fact($person, 'death')->id}", ['date' => '3/4/1923', 'place' => 'the Ness', 'version' => 1])
            ->assertOk();
        $this->api('POST', "/facts/{$this->fact($person, 'death')->id}/citations", ['sourceId' => $source])->assertOk();

        $record = $this->api('POST', "/sources/{$source}/records", ['kind' => 'census-1881'])->assertOk()->json('id');
        $lines = ['line' => (string) Str::uuid7(), 'secondLine' => (string) Str::uuid7()];
        $this->api('PUT', "/records/{$record}", ['version' => 1, 'date' => '3 April 1881', 'lines' => [
            ['id' => $lines['line'], 'name' => 'Ewan Tarrel', 'columns' => ['relation' => 'Head', 'age' => '34']],
            ['id' => $lines['secondLine'], 'name' => 'Ann Tarrel', 'columns' => ['relation' => 'Daur', 'age' => '2']],
        ]])->assertOk();

        $case = $this->api('POST', '/cases', ['aspect' => 'mother', 'personId' => $person, 'people' => [$second]])->assertOk()->json('id');
        $alternative = $this->api('GET', "/cases/{$case}")->json('alternatives.0.id');
        $casework = ['case' => $case, 'alternative' => $alternative,
            'point' => $this->api('POST', "/cases/{$case}/points",
                ['text' => 'Her name.', 'isFor' => true, 'alternativeId' => $alternative])->assertOk()->json('id'),
            'search' => $this->api('POST', '/searches',
                ['lookedFor' => 'Ewan Tarrel', 'lookedIn' => 'Wills', 'outcome' => 'nothing', 'people' => [$person]])->assertOk()
                ->json('id')];

        $kinds = ['sourceKind' => $this->api('POST', '/source-kinds', ['template' => json_encode(SourceKinds::all()['letter']->toArray())])
            ->assertOk()->json('id'),
            'recordKind' => $this->api('POST', '/record-kinds', ['template' => json_encode(RecordKinds::named('letter')->toArray())])
                ->assertOk()->json('id')];

        return [...$parts, ...$lines, ...$kinds, ...$casework, 'record' => $record, 'second' => $second, 'other' => $other, 'note' => $note,
            'task' => $task, 'group' => $group, 'mark' => $mark, 'role' => $role, 'eventKind' => $kind,
            'emptyGroup' => $empty[0], 'emptyMark' => $empty[1], 'person' => $person, 'union' => $union, 'name' => $name, 'fact' => $fact,
            'source' => $source, 'claim' => $claim,
            'savedDrawing' => $drawing = $this->api('POST', '/saved-drawings', self::drawing('ancestors', [$person]))->assertOk()
                ->json('id'),
            'text' => $text = $this->api('POST', '/texts', self::text($person, $fact, $record))->assertOk()->json('id'),
            'book' => $this->api('POST', '/books', self::book($person, $text, $drawing))->assertOk()->json('id'),
            'savedReport' => $this->api('POST', '/saved-reports', self::savedReport($person))->assertOk()->json('id'),
            'parentSet' => $page->json('parentSets.0.id'), 'unionPartner' => $page->json('unions.0.tieId')];
    }

    /**
     * @param  array<string, string>  $family
     * @return array{string, string, array<string, mixed>}
     */
    private function asked(string $change, array $family): array
    {
        [$method, $path] = explode(' ', $change);
        $body = match ($change) {
            'POST searches',
            'PATCH searches/{search}' => ['lookedFor' => 'Ewan Tarrel', 'lookedIn' => 'Burials of St Bregan', 'outcome' => 'in part',
                'found' => 'a stone', 'people' => [$family['person']], 'version' => $this->versionOf('searches', $family['search'])],
            'POST saved-drawings' => self::drawing('kindred', [$family['person']]),
            'POST texts' => self::text($family['person'], $family['fact'], $family['record']),
            'PUT texts/{text}' => ['title' => 'Another title', 'version' => $this->versionOf('texts', $family['text'])]
                + self::text($family['person'], $family['fact'], $family['record']),
            'POST saved-reports' => self::savedReport($family['second']),
            'PUT saved-reports/{savedReport}' => ['version' => $this->versionOf('saved_reports', $family['savedReport'])]
                + self::savedReport($family['second']),
            'POST books' => self::book($family['person'], $family['text'], $family['savedDrawing']),
            'PUT books/{book}' => ['title' => 'The keepers', 'version' => $this->versionOf('books', $family['book'])]
                + self::book($family['person'], $family['text'], $family['savedDrawing']),
            'PUT saved-drawings/{savedDrawing}' => self::drawing('fan', [$family['person']], ['hidden' => [$family['second']]],
                $this->versionOf('drawings', $family['savedDrawing'])),
            'POST cases' => ['aspect' => 'mother', 'personId' => $family['person'], 'people' => [$family['second']]],
            'POST cases/{question}/alternatives' => ['title' => 'Somebody of Tolsay'],
            'POST cases/{question}/points' => ['text' => 'The sister says so.', 'isFor' => true, 'alternativeId' => $family['alternative'],
                'claimId' => $family['claim']],
            'POST cases/{question}/conclude' => ['version' => $this->versionOf('questions', $family['case']), 'state' => 'probable',
                'alternativeId' => $family['alternative'], 'reason' => 'The sister.'],
            'POST cases/{question}/tasks' => ['text' => 'Read the will.'],
            'POST impact/{target}/{id}' => ['why' => 'It is of another Ewan.',
                'seen' => $this->api('GET', "/impact/claim/{$family['claim']}")->json('mark')],
            'POST people' => ['line' => 'Sander Tarrel h b 1852 Hask m 1880 Pellmouth d 1917'],
            'PATCH people/{person}' => ['sex' => 'X', 'version' => $this->versionOf('people', $family['person'])],
            'POST people/{person}/relatives' => ['relation' => 'mother', 'line' => 'Jean Penhask b 1824 Tolsay'],
            'POST people/{person}/names' => ['typed' => 'Ewie Tarrel'],
            'POST people/{person}/facts' => ['kind' => 'occupation', 'value' => 'keeper', 'date' => 'from 1884 to 1907',
                'place' => 'Hask Light, Hask'],
            'POST unions/{union}/facts' => ['kind' => 'banns', 'date' => 'Oct 1888'],
            'PATCH names/{name}' => ['typed' => 'Evan Tarrel', 'version' => $this->versionOf('names', $family['name'])],
            'PATCH facts/{fact}' => ['date' => '30 July 1847', 'place' => 'Hask', 'version' => $this->versionOf('events', $family['fact'])],
            'POST union-partners/{unionPartner}/standing' => ['standing' => 'ruled out', 'why' => 'Another couple of that name.'],
            'POST names/{name}/standing' => ['standing' => 'ruled out', 'why' => 'It is his cousin’s.'],
            'POST facts/{fact}/citations' => ['sourceId' => $family['source'], 'locator' => 'new page', 'words' => 'words'],
            'POST sources' => ['title' => 'Service Books', 'author' => 'Lights Board', 'repository' => 'Muniment Room'],
            'PATCH sources/{source}' => ['title' => 'Register of St Osmund, Tolsay', 'repository' => 'Record House',
                'version' => $this->versionOf('sources', $family['source'])],
            'PATCH parent-sets/{parentSet}' => ['kind' => 'adoptive', 'proof' => 'probable', 'standing' => 'rival',
                'why' => 'A letter says so.'],
            'POST parent-sets/{parentSet}/move' => ['to' => $this->elsewhere()],
            'POST union-partners/{unionPartner}/move' => ['to' => $this->person('Sander Tarrel h')],
            'PUT unions/{union}/children' => ['ids' => ParentSet::query()->where('union_id', $family['union'])->orderByDesc('id')
                ->pluck('child_id')->all()],
            'PUT people/{person}/unions' => [
                'ids' => array_reverse(array_column($this->api('GET', "/people/{$family['person']}")->json('unions'), 'tieId'))],
            'POST people/{person}/notes' => ['text' => 'Kept bees.', 'isResearch' => true],
            'POST facts/{fact}/notes' => ['text' => 'In another hand.'],
            'PATCH notes/{note}' => ['text' => 'A loud man.', 'version' => $this->versionOf('notes', $family['note'])],
            'POST people/{person}/tasks' => ['text' => 'Ask at the Record House.'],
            'PATCH tasks/{task}' => ['done' => true, 'version' => $this->versionOf('tasks', $family['task'])],
            'POST groups', 'POST marks' => ['name' => 'Emigrants', 'meaning' => 'Left before 1860'],
            'POST facts/{fact}/roles' => ['role' => 'godparent', 'personId' => $family['second']],
            'PUT sources/{source}/reckoning',
            'PUT places/{place}/reckoning' => ['calendar' => 'JULIAN', 'yearStart' => '25 March', 'order' => 'mdy'],
            'POST places' => ['name' => 'Hask Light', 'insideId' => $family['place']],
            'PATCH places/{place}' => ['name' => 'Hask Isle', 'latitude' => '59.5',
                'version' => $this->versionOf('places', $family['place'])],
            'POST places/{place}/names' => ['name' => 'Haskoy', 'language' => 'Old Marren', 'to' => '1700'],
            'POST places/{place}/insides',
            'POST places/{place}/churches' => ['placeId' => $family['tolsay'], 'from' => '1782', 'to' => '1899'],
            'PATCH unions/{union}' => ['kind' => 'handfast', 'surnameCustom' => 'patronymic nordic',
                'version' => $this->versionOf('unions', $family['union'])],
            'POST name-variants' => ['words' => 'Keziah, Hezzy'],
            'POST world-events' => ['words' => 'The kirk burned', 'date' => '1745', 'place' => 'Kirkhaven'],
            'POST sources/{source}/notes', 'POST repositories/{repository}/notes' => ['text' => 'The second volume is wet.'],
            'PATCH repositories/{repository}' => ['name' => 'Marren Record House',
                'version' => $this->versionOf('repositories', $family['repository'])],
            'POST wordings' => ['typed' => 'Hask Light, Hask', 'placeId' => $family['tolsay']],
            'POST source-kinds',
            'PATCH source-kinds/{sourceKind}' => ['version' => $this->versionOf('source_kinds', $family['sourceKind']),
                'template' => json_encode(['full' => '{title}, second'] + SourceKinds::all()['letter']->toArray())],
            'POST record-kinds',
            'PATCH record-kinds/{recordKind}' => ['version' => $this->versionOf('record_kinds', $family['recordKind']),
                'template' => json_encode(['name' => 'Rent roll'] + RecordKinds::named('baptism')->toArray())],
            'POST sources/{source}/records' => ['kind' => 'baptism', 'locator' => 'p. 9'],
            'PUT records/{record}' => ['version' => $this->versionOf('records', $family['record']), 'date' => '4 April 1881',
                'fields' => ['schedule' => '9'],
                'toldCount' => 2,
                'lines' => [['id' => $family['line'], 'name' => 'Evan Tarrel', 'columns' => ['age' => '34']],
                    ['id' => (string) Str::uuid7(), 'name' => 'Moll Tarrel']]],
            'POST records/{record}/take-in' => ['version' => $this->versionOf('records', $family['record']),
                'choices' => [['lineId' => $family['line'], 'as' => 'placed', 'personId' => $family['person']],
                    ['lineId' => $family['secondLine'], 'as' => 'new']], 'why' => 'It says so.'],
            'POST pictures' => ['uploadId' => $this->upload(self::picture(41, 30), 'face.png'), 'personId' => $family['person']],
            'PATCH pictures/{media}' => ['title' => 'The keepers', 'version' => 1],
            'POST pictures/{media}/regions' => ['page' => 0, 'left' => 0.1, 'top' => 0.1, 'width' => 0.2, 'height' => 0.3,
                'personId' => $family['person']],
            'POST changed-values/{entry}/put-back' => ['field' => 'date_typed',
                'version' => 1 + $this->versionOf('events', $family['fact'])],
            'POST questions' => ['personId' => $family['person'], 'aspect' => 'birth'],
            'POST questions/{question}/decide' => ['version' => 1, 'date' => '1846', 'reason' => 'Between the two.'],
            'PUT questions/{question}/summary' => ['version' => 1, 'text' => 'The register was written that month.'],
            'POST questions/{question}/reopen', 'POST facts/{fact}/rule-out' => ['why' => 'A clerk’s guess.'],
            'PATCH claims/{claim}' => ['version' => $this->versionOf('claims', $family['claim']), 'information' => 'primary',
                'sourceClass' => 'original',
                'weight' => 'fair', 'why' => 'He knew.'],
            'POST records/{record}/called' => ['people' => [$family['person'], $family['second']],
                'version' => $this->versionOf('records', $family['record'])],
            'POST records/{record}/tasks' => ['text' => 'Get the next leaf.'],
            'POST claims/{claim}/others' => ['people' => [$family['second']]],
            'POST records/{record}/images' => ['uploadId' => $this->upload(self::picture(40, 30), 'page.png')],
            'POST event-kinds' => ['word' => 'Boat licence', 'hasValue' => true],
            'PUT doubles/{person}/{otherPerson}/ruling' => ['ruling' => 'different', 'reason' => 'Their fathers are two.'],
            'PUT event-kinds/{eventKind}' => ['version' => 1, 'ofPerson' => true, 'ofUnion' => true, 'single' => true,
                'traits' => ['told of an adult']],
            default => [],
        };
        if (str_contains($change, '{media}') || str_contains($change, '{region}')) {
            $family['media'] = $this->api('POST', '/pictures', ['uploadId' => $this->upload(self::picture(31, 30), 'group.png')])
                ->assertOk()->json('id');
            $family['region'] = $this->api('POST', "/pictures/{$family['media']}/regions",
                ['page' => 0, 'left' => 0.5, 'top' => 0.1, 'width' => 0.2, 'height' => 0.3, 'personId' => $family['person']])->assertOk()
                ->json('id');
        }
        $family = match ($change) {
            'DELETE images/{image}' => ['image' => $this->api('POST', "/records/{$family['record']}/images",
                ['uploadId' => $this->upload(self::picture(30, 40), 'other.png')])->assertOk()->json('id')] + $family,
            'POST changed-values/{entry}/put-back' => ['entry' => $this->changedBirth($family)] + $family,
            'POST questions' => ['question' => $this->asks($family, true)] + $family,
            'POST cases/{question}/alternatives', 'POST cases/{question}/points', 'POST cases/{question}/conclude',
            'POST cases/{question}/tasks' => ['question' => $family['case']] + $family,
            'POST impact/{target}/{id}' => ['target' => 'claim', 'id' => $family['claim']] + $family,
            'POST questions/{question}/decide', 'POST questions/{question}/reopen',
            'PUT questions/{question}/summary' => ['question' => $this->asks($family, false)] + $family,
            'POST claims/{claim}/others' => ['claim' => $this->censusClaim($family)] + $family,
            'PUT doubles/{person}/{otherPerson}/ruling', 'POST doubles/{person}/{otherPerson}/join' => [
                'otherPerson' => $this->person('Evan Tarrel h b 1847 d 1924')] + $family,
            'DELETE doubles/{person}/{otherPerson}/ruling' => ['otherPerson' => $this->ruledApart($family['person'])] + $family,
            'POST joins/{join}/apart' => ['join' => $this->joined($family['person'])] + $family,
            'PUT people/{person}/groups/{group}' => ['group' => $family['emptyGroup']] + $family,
            'PUT people/{person}/marks/{mark}' => ['mark' => $family['emptyMark']] + $family,
            default => $family,
        };

        return [$method, '/'.preg_replace_callback('/\{(\w+)\}/', static fn (array $m): string => $family[$m[1]], $path), $body];
    }

    /** Of a row as it is now; 1 where it is gone. */
    private function versionOf(string $table, string $id): int
    {
        return (int) (DB::table($table)->where('tree_id', $this->tree->id)->where('id', $id)->value('version') ?? 1);
    }

    /**
     * A birth whose date was changed; the entry of the journal that knows the one before.
     *
     * @param  array<string, string>  $family
     */
    private function changedBirth(array $family): string
    {
        $this->api('PATCH', "/facts/{$family['fact']}", ['date' => '1848', 'version' => $this->versionOf('events', $family['fact'])])
            ->assertOk();

        return (string) DB::table('journal')->where('tree_id', $this->tree->id)->where('row_id', $family['fact'])->where('op', 'update')
            ->whereRaw("before->>'date_typed' IS NOT NULL")->value('id');
    }

    /**
     * A second birth, which opens its question.
     *
     * @param  array<string, string>  $family
     * @param  bool  $isGone  the question itself is taken away again, as of a conflict that nobody took up
     */
    private function asks(array $family, bool $isGone): string
    {
        // Two, because the one that is there may have been ruled out by now.
        foreach (['1840', '1790'] as $date) {
            $this->api('POST', "/people/{$family['person']}/facts", ['kind' => 'birth', 'date' => $date])->assertOk();
        }
        $question = Question::query()->where('kind', 'conflict')->firstOrFail()->id;
        if ($isGone) {
            DB::table('questions')->where('tree_id', $this->tree->id)->where('kind', 'conflict')->delete();
        }

        return $question;
    }

    /**
     * A citation of something that others can have been at.
     *
     * @param  array<string, string>  $family
     */
    private function censusClaim(array $family): string
    {
        $census = $this->api('POST', "/people/{$family['person']}/facts", ['kind' => 'census', 'date' => '3 April 1881'])->assertOk()
            ->json('id');

        return $this->api('POST', "/facts/{$census}/citations", ['sourceId' => $family['source'], 'locator' => 'sheet 4'])->assertOk()
            ->json('id');
    }
}
