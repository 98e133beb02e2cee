<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\In\FileNames;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which file a FILE line means, among those that came. */
final class FileNamesTest extends TestCase
{
    private const CAME = ['media/ann.jpg', 'media/boats/hope.jpg', 'media/lights/hope.jpg', 'media/Kirk haven.png', 'media/Ö.jpg',
        'media/UNA.JPG', 'media/una.jpg', 'media/deep/down/will.pdf'];

    /** @return iterable<string, array{string, string}> what is named; which is meant */
    public static function named(): iterable
    {
        yield 'as it came' => ['media/ann.jpg', 'media/ann.jpg'];
        yield 'by its name alone' => ['ann.jpg', 'media/ann.jpg'];
        yield 'with other folders' => ['/home/una/pictures/ann.jpg', 'media/ann.jpg'];
        yield 'with backslashes and a drive' => ['C:\\Tree\\media\\ann.jpg', 'media/ann.jpg'];
        yield 'as an address' => ['file:///C:/Tree/media/Kirk%20haven.png', 'media/Kirk haven.png'];
        yield 'with percent signs' => ['media/Kirk%20haven.png', 'media/Kirk haven.png'];
        yield 'in other letters' => ['MEDIA/ANN.JPG', 'media/ann.jpg'];
        yield 'composed of two signs' => ["media/O\u{308}.jpg", 'media/Ö.jpg'];
        yield 'one of two by its folder' => ['D:\\pictures\\lights\\hope.jpg', 'media/lights/hope.jpg'];
        yield 'one of two, and nothing says which' => ['hope.jpg', ''];
        yield 'one of two by its letters' => ['pictures/UNA.JPG', 'media/UNA.JPG'];
        yield 'one of two, in letters of neither' => ['pictures/Una.jpg', ''];
        yield 'folders in folders' => ['down/will.pdf', 'media/deep/down/will.pdf'];
        yield 'this folder' => ['./media/./ann.jpg', 'media/ann.jpg'];
        yield 'one that did not come' => ['media/bran.jpg', ''];
        yield 'nothing' => ['', ''];
        yield 'a folder' => ['media/', ''];
        yield 'upwards' => ['../../media/ann.jpg', 'media/ann.jpg'];
    }

    #[DataProvider('named')]
    public function test_which_is_meant(string $named, string $meant): void
    {
        self::assertSame($meant, (new FileNames(self::CAME))->meant($named));
    }

    public function test_where_none_came_none_is_meant(): void
    {
        self::assertSame('', (new FileNames([]))->meant('ann.jpg'));
    }
}
