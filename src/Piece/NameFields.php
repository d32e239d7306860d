<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node\Word;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Naming;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Quoted;

/**
 * The fields that are no places in the open format: short names of beads, findings and cords, and the letters of words
 * in the pattern.
 */
final class NameFields
{
    /**
     * Returns the wish with its beads, findings and words called as typed.
     *
     * @param array<string, string> $changed texts by field
     *
     * @throws PieceUnreadable If a name cannot be one, or is taken
     */
    public static function taken(array $changed, PieceSpec $piece): PieceSpec
    {
        return self::spelt($changed, self::renamed($changed, $piece));
    }

    /**
     * Returns which part of the pattern a field spells, null for any other field.
     */
    public static function wordAt(string $path): ?string
    {
        return 1 === preg_match('/^word\.(\d{1,4}(?:\.\d{1,4}){0,12})$/D', $path, $match) ? $match[1] : null;
    }

    /**
     * Returns what a field calls: "beads", "findings" or "cords", and its name so far; null for any other field.
     *
     * @return array{string, string}|null
     */
    public static function calledAt(string $path): ?array
    {
        return 1 === preg_match(
            '/^(beads|findings|cords)\.([^.]+)\.called$/D',
            $path,
            $match,
        ) ? [$match[1], $match[2]] : null;
    }

    /**
     * Returns a name as it is kept.
     */
    public static function name(string $typed): string
    {
        return mb_strtolower(trim($typed));
    }

    /**
     * Returns the piece with beads, findings and cords called as typed, in the pattern and the closure too.
     *
     * @param array<string, string> $changed
     */
    private static function renamed(array $changed, PieceSpec $piece): PieceSpec
    {
        foreach ($changed as $path => $name) {
            $name = self::name($name);
            [$kind, $old] = self::calledAt($path) ?? ['', $name];
            if ($name === $old) {
                continue;
            }
            $taken = new Message('name-taken', ['name' => new Quoted($name)]);
            $piece = match (true) {
                !Naming::suits($name) => throw PieceUnreadable::at($path, Naming::refusal($name)),
                isset($piece->materials->beads[$name]),
                isset($piece->materials->findings[$name]),
                isset($piece->materials->cords[$name]) => throw PieceUnreadable::at($path, $taken),
                'cords' === $kind => $piece->withCordCalled($old, $name),
                default => $piece->withBeadCalled($old, $name),
            };
        }

        return $piece;
    }

    /**
     * Returns the piece with the words in its pattern spelt as typed.
     *
     * @param array<string, string> $changed
     */
    private static function spelt(array $changed, PieceSpec $piece): PieceSpec
    {
        foreach ($changed as $path => $text) {
            $at = self::wordAt($path);
            $text = mb_substr(trim(preg_replace('/["\p{C}]+/u', '', $text) ?? ''), 0, 40);
            if (null === $at || '' === $text || null === $piece->pattern) {
                continue;
            }
            $edit = new PatternEdit($piece->pattern->tree);
            $word = $edit->at($at);
            if ($word instanceof Word && $word->text !== $text) {
                $piece = $piece->withPattern(
                    $edit->replaced($at, static fn (): array => [new Word($text, $word->bead, $word->between)]),
                );
            }
        }

        return $piece;
    }
}
