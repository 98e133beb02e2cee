<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\PictureLinkRow;
use NorthBough\Core\Gedcom\Row\PictureRow;
use NorthBough\Core\Gedcom\Version;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pictures of people, couples and events, in the standard's own records with parts of them marked in ours. */
final class PicturesTest extends TestCase
{
    private const FILE = [
        '0 HEAD', '1 GEDC', '2 VERS 7.0',
        '0 @I1@ INDI', '1 NAME Ewan /Tarrel/', '1 BIRT', '2 DATE 1847', '2 OBJE @O2@', '1 OBJE @O1@', '2 _NB_MAIN Y',
        '2 _NB_CUT 1 0.100000 0.200000 0.300000 0.400000',
        '0 @I2@ INDI', '1 NAME Moll /Stair/', '1 OBJE @O3@', '2 TITL said to be her',
        '0 @F1@ FAM', '1 HUSB @I1@', '1 WIFE @I2@', '1 OBJE @O1@',
        '0 @O1@ OBJE', '1 FILE media/keepers.jpg', '2 FORM image/jpeg', '3 MEDI PHOTO', '2 TITL The keepers',
        '1 _NB_REGION 1 0.500000 0.200000 0.100000 0.100000', '2 _NB_WHO @I2@', '1 _NB_REGION 1 0.700000 0.200000 0.100000 0.100000',
        '2 _NB_SAYS a boy',
        '0 @O2@ OBJE', '1 FILE media/cradle.jpg', '2 FORM image/jpeg',
        // A link that says more than we hold, and a record with more in it, are pictures all the same; one whose file
        // did not come stays as it stands.
        '0 @O3@ OBJE', '1 FILE media/moll.jpg', '2 FORM image/jpeg',
        '0 @O4@ OBJE', '1 FILE media/light.jpg', '2 FORM image/jpeg', '1 NOTE from the album',
        '0 @O5@ OBJE', '1 FILE media/lost.jpg', '2 FORM image/jpeg',
        '0 TRLR', '',
    ];

    private const CAME = ['media/keepers.jpg', 'media/cradle.jpg', 'media/moll.jpg', 'media/light.jpg'];

    /** @return iterable<string, array{Version}> */
    public static function versions(): iterable
    {
        yield 'version 7' => [Version::V7];
        yield 'version 5.5.1' => [Version::V551];
    }

    #[DataProvider('versions')]
    public function test_they_go_out_and_come_back(Version $version): void
    {
        $tree = MemoryTree::reading(implode("\n", self::FILE), self::CAME);
        $again = MemoryTree::reading($tree->written($version), self::CAME);
        foreach ([$tree, $again] as $one) {
            $pictures = $one->all(PictureRow::class);
            self::assertSame(
                [['media/keepers.jpg', 'The keepers'], ['media/cradle.jpg', ''], ['media/moll.jpg', ''], ['media/light.jpg', '']],
                array_map(static fn (PictureRow $r): array => [$r->path, $r->title], $pictures));
            self::assertSame(['photo', '', '', ''], array_map(static fn (PictureRow $r): string => strtolower($r->medium), $pictures));
            self::assertSame([[0.5, true, ''], [0.7, false, 'a boy']],
                array_map(static fn ($r): array => [$r->left, $r->personId !== null, $r->words], $pictures[0]->regions));
            $links = $one->all(PictureLinkRow::class);
            usort($links, static fn (PictureLinkRow $a, PictureLinkRow $b): int => $a->owner->kind->value <=> $b->owner->kind->value);
            self::assertSame([Owner::Event, Owner::Person, Owner::Person, Owner::Union],
                array_map(static fn (PictureLinkRow $r): Owner => $r->owner->kind, $links));
            self::assertSame([$pictures[1]->id, $pictures[0]->id, $pictures[2]->id, $pictures[0]->id],
                array_map(static fn (PictureLinkRow $r): string => $r->pictureId, $links));
            self::assertSame([[false, null], [true, 0.3], [false, null], [false, null]],
                array_map(static fn (PictureLinkRow $r): array => [$r->isMain, $r->cut['width'] ?? null], $links));
            self::assertCount(1,
                $one->all(KeptRow::class, static fn (KeptRow $r): bool => $r->owner === null && ! str_contains($r->lines, ' SUBM')));
        }
    }

    public function test_without_their_files_everything_stays_as_it_stood(): void
    {
        $tree = MemoryTree::reading(implode("\n", self::FILE));
        self::assertSame([], $tree->all(PictureRow::class));
        self::assertSame(SaysTheSame::normalised(implode("\n", self::FILE)), SaysTheSame::normalised($tree->written(Version::V7)));
    }

    public function test_taken_pictures_are_written_as_they_were_read(): void
    {
        $tree = MemoryTree::reading(implode("\n", self::FILE), self::CAME);
        self::assertSame(SaysTheSame::normalised(implode("\n", self::FILE)), SaysTheSame::normalised($tree->written(Version::V7)));
    }
}
