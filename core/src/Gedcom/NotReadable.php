<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

/** The file is refused as a whole; the message is for the person who handed it in. */
final class NotReadable extends \RuntimeException
{
    public static function notThisKind(): self
    {
        return new self('This is not a GEDCOM file: its first line should be “0 HEAD”.');
    }

    public static function empty(): self
    {
        return new self('The file is empty.');
    }

    public static function version(string $words): self
    {
        return new self("The file says it is of version “{$words}”. North Bough reads versions 5.5, 5.5.1 and 7.");
    }

    public static function encoding(string $name): self
    {
        return new self(
            "The file says it is written in {$name} and is not UTF-8. Choose how its letters are read, or have the program that made it "
                .'write UTF-8.');
    }

    public static function nobody(string $pointer): self
    {
        return new self("Nobody in the file has the pointer {$pointer}.");
    }

    public static function noSuchEncoding(string $name): self
    {
        return new self("Letters in “{$name}” are not read here. What is read: ".implode(', ', In\Encoding\Encoding::names()).'.');
    }

    public static function brokenZip(): self
    {
        return new self('This zip cannot be unpacked: it is broken, or holds more than a tree with its pictures would.');
    }

    public static function nothingInZip(): self
    {
        return new self('There is no family tree file in this zip: it should hold gedcom.ged, or a file that ends in .ged.');
    }

    public static function zipped(): self
    {
        return new self('This is a zipped file. Unpack it and bring in the .ged file inside.');
    }
}
