<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Naming;

use NorthBough\Core\Naming\SoundCode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SoundCodeTest extends TestCase
{
    #[DataProvider('alike')]
    public function test_sound_alike(string $one, string $other): void
    {
        self::assertSame(SoundCode::of($one), SoundCode::of($other));
    }

    /** @return iterable<array{string, string}> */
    public static function alike(): iterable
    {
        yield ['Quillan', 'Kwillan'];
        yield ['Quillan', 'Quillen'];
        yield ['Maddern', 'Madern'];
        yield ['Fenwhistle', 'Fennwistle'];
        yield ['Corran', 'Korran'];
        yield ['Catherine', 'Kathryn'];
        yield ['Phillips', 'Filips'];
        yield ['Wright', 'Rite'];
        yield ['Knight', 'Night'];
        yield ['MacOran', 'McOran'];
        yield ['Smith', 'Smyth'];
        yield ['Schmidt', 'Smit'];
        yield ['Osk', 'Osc'];
        yield ['Tarrel', 'Tarell'];
        yield ['Isbel', 'Izbell'];
        yield ['Averay', 'Avery'];
        yield ['Élodie', 'Elody'];
    }

    #[DataProvider('apart')]
    public function test_sound_apart(string $one, string $other): void
    {
        self::assertNotSame(SoundCode::of($one), SoundCode::of($other));
    }

    /** @return iterable<array{string, string}> */
    public static function apart(): iterable
    {
        yield ['Tarrel', 'Maddern'];
        yield ['Osk', 'Drum'];
        yield ['Quillan', 'Corran'];
        yield ['Ann', 'Isbel'];
        yield ['Penhask', 'Pellow'];
    }

    public function test_each_word_has_a_code_and_other_scripts_have_none(): void
    {
        self::assertCount(2, SoundCode::each('Isbel Quillan'));
        self::assertSame('', SoundCode::of('漢字'));
        self::assertSame([], SoundCode::each(''));
    }
}
