<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** Whoever of a file is in the tree already is pointed at before it comes in, and can be taken instead. */
final class WhoIsHereTest extends TestCase
{
    use EveryChange;

    private const FILE = "0 HEAD\n1 GEDC\n2 VERS 7.0\n"
        ."0 @I1@ INDI\n1 NAME Keziah /Ibsley/\n1 SEX F\n1 BIRT\n2 DATE 4 MAR 1851\n2 PLAC Tolsay\n1 DEAT\n2 DATE 9 NOV 1921\n1 FAMS @F1@\n"
        ."0 @I2@ INDI\n1 NAME Jabez /Corran/\n1 SEX M\n1 BIRT\n2 DATE 2 FEB 1849\n1 FAMS @F1@\n"
        ."0 @I3@ INDI\n1 NAME Nan /Corran/\n1 SEX F\n1 BIRT\n2 DATE 7 JUL 1877\n1 FAMC @F1@\n"
        ."0 @F1@ FAM\n1 HUSB @I2@\n1 WIFE @I1@\n1 CHIL @I3@\n0 TRLR\n";

    public function test_who_is_here_is_pointed_at_and_joined_where_somebody_says_so(): void
    {
        [$keziah, $jabez] = $this->couple();
        $before = $this->stored();
        $run = $this->look();
        self::assertSame($before, $this->stored());
        self::assertSame(2, $run['look']['hereCount']);
        $here = array_column($run['look']['here'], null, 'pointer');
        self::assertSame([$keziah, $jabez], [$here['@I1@']['personId'], $here['@I2@']['personId']]);
        self::assertStringStartsWith('Keziah Ibsley 1851–1921', $here['@I1@']['says']);
        self::assertGreaterThan(0.9, $here['@I1@']['probability']);

        $this->bringIn($run['id'], [['pointer' => '@I1@', 'personId' => $keziah], ['pointer' => '@I2@', 'personId' => $jabez]]);

        self::assertSame('It is in. 2 people were joined to who was here.', $this->api('GET', '/exchange')->json('runs.0.said'));
        // Nan is the only one who is new, and is the child of those who were here.
        self::assertSame(3 + 12, $this->api('GET', '/people')->json('total'));
        self::assertSame(['Nan Corran'], array_column($this->api('GET', "/people/{$keziah}")->json('unions.0.children'), 'name'));
        self::assertCount(1, $this->api('GET', "/people/{$keziah}")->json('unions'));

        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame(4 + 12, $this->api('GET', '/people')->json('total'));
    }

    public function test_nobody_has_to_be_taken_and_what_cannot_be_joined_is_said(): void
    {
        [$keziah] = $this->couple();
        $run = $this->look();
        $son = $this->relative($keziah, 'child', 'Jabez Corran h b 1880');

        // Her husband for her son: he would be his own father.
        $this->bringIn($run['id'], [['pointer' => '@I1@', 'personId' => $keziah], ['pointer' => '@I3@', 'personId' => $keziah]]);

        $said = $this->api('GET', '/exchange')->json('runs.0.said');
        self::assertStringStartsWith('It is in. 1 person was joined to who was here. @I3@ was not joined: ', $said);
        self::assertTrue(Person::query()->whereKey($son)->exists());

        $this->bringIn($this->look()['id'], []);
        self::assertSame('It is in.', $this->api('GET', '/exchange')->json('runs.0.said'));
    }

    public function test_the_command_line_says_so_too(): void
    {
        $this->couple();
        $path = storage_path('app/ibsley.ged');
        file_put_contents($path, self::FILE);

        self::assertSame(0, Artisan::call('bough:import', ['file' => $path, '--tree' => $this->tree->id, '--dry-run' => true]));

        self::assertMatchesRegularExpression('/Likely in the tree already: @I1@ Keziah Ibsley 1851–1921 is no\. \d+, over 99 %/u',
            Artisan::output());
        $this->enter($this->tree);
    }

    public function test_an_empty_tree_has_nobody_and_a_new_tree_takes_nobody(): void
    {
        self::assertSame([0, []], [$this->look()['look']['hereCount'], $this->api('GET', '/exchange')->json('runs.0.look.here')]);
        $this->api('DELETE', '/exchange/previews/'.$this->api('GET', '/exchange')->json('runs.0.id'))->assertNoContent();

        [$keziah] = $this->couple();
        $run = $this->look();
        $this->api('POST', '/exchange/imports', ['lookId' => $run['id'], 'mode' => 'new', 'treeName' => 'Beside', 'again' => true,
            'take' => [['pointer' => '@I1@', 'personId' => $keziah]]])->assertOk();
        self::assertSame(0, DB::table('joins')->count());
    }

    /** @return array{string, string} two of whom the file tells, among a dozen others */
    private function couple(): array
    {
        foreach (range(1, 12) as $at) {
            $this->person("Ewan Tarrel h b 18{$at}0 Slatequay");
        }
        $keziah = $this->person('Keziah Ibsley w b 4 Mar 1851 Tolsay');
        $jabez = $this->relative($keziah, 'partner', 'Jabez Corran h b 2 Feb 1849');

        return [$keziah, $jabez];
    }

    /** @return array<string, mixed> */
    private function look(): array
    {
        $this->api('POST', '/exchange/previews', ['uploadId' => $this->upload(self::FILE, 'ibsley.ged')])->assertOk();

        return $this->api('GET', '/exchange')->json('runs.0');
    }

    /** @param  list<array{pointer: string, personId: string}>  $take */
    private function bringIn(string $look, array $take): void
    {
        $this->api('POST', '/exchange/imports', ['lookId' => $look, 'mode' => 'add', 'again' => true, 'take' => $take])->assertOk();
    }
}
