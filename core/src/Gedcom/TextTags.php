<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

use NorthBough\Core\Gedcom\In\MappingContext;
use NorthBough\Core\Gedcom\Out\Pointers;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\TextRow;
use NorthBough\Core\Prose\CallsIn;
use NorthBough\Core\Prose\ProseProblem;
use NorthBough\Core\Prose\ProseReader;

/**
 * The lines in which a text that somebody wrote stands in a file: our extension, docs/extensions.md. What was called into it is named
 * by the pointers and numbers of the file; its words stand in a note beside it for whoever reads the file without this program.
 */
final class TextTags
{
    private const LINES = ['_NB_ABOUT', 'PLAC', '_NB_BODY', 'NOTE'];

    public static function written(TextRow $row, Pointers $pointers): Structure
    {
        $body = self::body($row->body);
        $structure = new Structure('_NB_TEXT', $row->title);
        $about = $row->personId !== '' ? $row->personId : $row->unionId;
        if ($about !== '') {
            $structure->add(Structure::pointing('_NB_ABOUT', $pointers->of($about)));
        }
        $named = CallsIn::changed($body, static fn (string $type, array $call): ?array => match ($type) {
            'person' => $pointers->has($call['person'] ?? '') ? ['person' => $pointers->of($call['person'])] + $call : null,
            'fact' => $pointers->has($call['owner'] ?? '') && $pointers->label($call['fact'] ?? '') !== '' ? [
                'owner' => $pointers->of($call['owner']), 'fact' => $pointers->label($call['fact']),
                ...($call['of'] ?? '') === '' ? [] : ['of' => $pointers->of($call['of'])],
            ] + $call : null,
            default => self::cited($row, $call['record'] ?? '', $pointers),
        });

        return EvidenceTags::with($structure, ['PLAC' => $row->place,
            '_NB_BODY' => json_encode($named, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            'NOTE' => ProseReader::read($body)->plain()]);
    }

    /** Whether it is no more than we write, and a text that the program could have kept. */
    public static function isText(Structure $structure, MappingContext $mapping): bool
    {
        $tags = array_column($structure->children, 'tag');
        if ($structure->tag !== '_NB_TEXT' || $structure->pointer !== '' || $structure->isPointer || trim($structure->payload) === ''
            || array_diff($tags, self::LINES) !== [] || count($tags) !== count(array_unique($tags))) {
            return false;
        }
        foreach ($structure->children as $child) {
            if ($child->children !== [] || $child->isPointer !== ($child->tag === '_NB_ABOUT')
                || ($child->isPointer && self::id($child->payload, $mapping) === null)) {
                return false;
            }
        }
        try {
            ProseReader::read(self::body($structure->text('_NB_BODY')));
        } catch (ProseProblem) {
            return false;
        }

        return $structure->text('_NB_BODY') !== '';
    }

    /** Read once everything else was: what it calls may stand anywhere in the file. */
    public static function read(Structure $structure, MappingContext $mapping): void
    {
        $mapping->last(static function () use ($structure, $mapping): void {
            $id = static fn (string $pointer): string => (string) self::id($pointer, $mapping);
            $body = CallsIn::changed(self::body($structure->text('_NB_BODY')), static fn (string $type,
                array $call): ?array => match ($type) {
                    'person' => self::whole(['person' => $id($call['person'] ?? '')], $call),
                    'fact' => self::whole(['owner' => $id($call['owner'] ?? ''), 'fact' => $mapping->numbered(Owner::Event,
                        $call['fact'] ?? ''),
                        ...($call['of'] ?? '') === '' ? [] : ['of' => $id($call['of'])]], $call),
                    default => self::whole(['record' => self::record($call['record'] ?? '', $mapping)], $call),
                });
            $about = $structure->first('_NB_ABOUT')->payload ?? '';
            $isOfPerson = $mapping->survey->id($about, 'INDI') !== null;
            $mapping->add(new TextRow($mapping->newId(), mb_substr($structure->payload, 0, 200), $isOfPerson ? $id($about) : '',
                $isOfPerson ? '' : $id($about), '', json_encode($body, JSON_THROW_ON_ERROR), $structure->text('PLAC')));
        });
    }

    /**
     * @param  array<string, string>  $found  empty where nothing is there
     * @param  array<string, string>  $call
     * @return array<string, string>|null
     */
    private static function whole(array $found, array $call): ?array
    {
        return in_array('', $found, true) ? null : $found + $call;
    }

    /** @return array<string, string>|null */
    private static function cited(TextRow $row, string $recordId, Pointers $pointers): ?array
    {
        [$sourceId, $page, $claimId] = $row->records[$recordId] ?? ['', '', ''];
        $number = $pointers->label($claimId);

        return $pointers->has($sourceId) ? ['record' => $number !== '' ? $number : "{$pointers->of($sourceId)} {$page}"] : null;
    }

    private static function record(string $words, MappingContext $mapping): string
    {
        if (preg_match('/^(@[^@]+@) (.*)$/Ds', $words, $m) !== 1) {
            return $mapping->recordOf($words);
        }
        $sourceId = $mapping->survey->id($m[1], 'SOUR');

        return $sourceId === null ? '' : $mapping->record($sourceId, $m[2], '');
    }

    private static function id(string $pointer, MappingContext $mapping): ?string
    {
        return $mapping->survey->id($pointer, 'INDI') ?? $mapping->survey->id($pointer, 'FAM');
    }

    /** @return array<mixed> */
    private static function body(string $json): array
    {
        $body = json_decode($json, true);

        return is_array($body) ? $body : [];
    }
}
