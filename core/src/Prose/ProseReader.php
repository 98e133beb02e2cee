<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

/**
 * Reads a text as the editor keeps it: a tree of nodes, each with a type, attributes and content. What it does not know is refused
 * at the door, so that nothing is lost unseen. Source: the document model of ProseMirror, guide, "Documents".
 */
final class ProseReader
{
    /** Lists and quotations within each other. */
    private const DEEPEST = 6;

    /** @var list<ProseBlock> */
    private array $blocks = [];

    /**
     * @param  array<mixed>  $document
     *
     * @throws ProseProblem
     */
    public static function read(array $document): ProseText
    {
        $reader = new self;
        $reader->block($document, BlockKind::Paragraph, 0);

        return new ProseText($reader->blocks);
    }

    /** @param  array<mixed>  $node */
    private function block(array $node, BlockKind $within, int $depth): void
    {
        if ($depth > self::DEEPEST) {
            throw ProseProblem::tooDeep();
        }
        $type = self::word($node, 'type');
        match ($type) {
            'doc', 'listItem' => $this->inner($node, $within, $depth),
            'paragraph' => $this->blocks[] = new ProseBlock($within, $depth, $this->parts($node)),
            'heading' => $this->blocks[] = new ProseBlock(BlockKind::Heading, max(1, min(3, (int) (self::attributes($node)['level'] ?? 1))),
                $this->parts($node)),
            'blockquote' => $this->inner($node, BlockKind::Quote, $depth + 1),
            'bulletList' => $this->inner($node, BlockKind::Bullet, $depth + 1),
            'orderedList' => $this->inner($node, BlockKind::Numbered, $depth + 1),
            'researchNote' => $this->inner($node, BlockKind::Research, $depth + 1),
            default => throw ProseProblem::part($type),
        };
    }

    /** @param  array<mixed>  $node */
    private function inner(array $node, BlockKind $within, int $depth): void
    {
        foreach (self::content($node) as $child) {
            $this->block($child, $within, $depth);
        }
    }

    /**
     * @param  array<mixed>  $node
     * @return list<ProsePart>
     */
    private function parts(array $node): array
    {
        return array_map(static function (array $child): ProsePart {
            $type = self::word($child, 'type');
            $attributes = self::attributes($child);
            $of = static fn (string $name): string => is_string($attributes[$name] ?? null) && $attributes[$name] !== ''
                ? $attributes[$name]
                : throw ProseProblem::incomplete($type, $name);

            return match ($type) {
                'text' => self::run($child),
                'hardBreak' => new TextRun("\n"),
                'fact' => new FactCall($of('owner'), $of('fact'), FactForm::tryFrom($of('form')) ?? throw ProseProblem::incomplete($type,
                    'form'),
                    is_string($attributes['told'] ?? null) ? $attributes['told'] : '',
                    is_string($attributes['of'] ?? null) ? $attributes['of'] : ''),
                'citation' => new CitationCall($of('record')),
                'person' => new PersonCall($of('person'), $of('told')),
                default => throw ProseProblem::part($type),
            };
        }, self::content($node));
    }

    /** @param  array<mixed>  $node */
    private static function run(array $node): TextRun
    {
        $marks = [];
        foreach (is_array($node['marks'] ?? null) ? $node['marks'] : [] as $mark) {
            $marks[] = is_array($mark) ? self::word($mark, 'type') : '';
        }
        foreach ($marks as $mark) {
            if (! in_array($mark, ['bold', 'italic'], true)) {
                throw ProseProblem::part($mark);
            }
        }

        return new TextRun(self::word($node, 'text'), in_array('bold', $marks, true), in_array('italic', $marks, true));
    }

    /**
     * @param  array<mixed>  $node
     * @return list<array<mixed>>
     */
    private static function content(array $node): array
    {
        return array_values(array_filter(is_array($node['content'] ?? null) ? $node['content'] : [], is_array(...)));
    }

    /**
     * @param  array<mixed>  $node
     * @return array<mixed>
     */
    private static function attributes(array $node): array
    {
        return is_array($node['attrs'] ?? null) ? $node['attrs'] : [];
    }

    /** @param  array<mixed>  $node */
    private static function word(array $node, string $name): string
    {
        return is_string($node[$name] ?? null) ? $node[$name] : '';
    }
}
