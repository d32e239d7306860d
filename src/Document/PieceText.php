<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;

/**
 * A piece as a text that one can read, send in a message and paste back:
 *
 *     Rinkel piece 6: Heron's walk
 *     construction: spaced-knots
 *     wearer: place wrist; girth 162 mm
 *     cords cord: fibre waxed-cotton; thickness 1.2 mm
 *     pattern:
 *     (1 figure eight, gap 14 mm) x fit
 *     end
 *
 * Each line is a field of the open format, or all of one thing: a message may stand around it.
 */
final readonly class PieceText implements PieceSource
{
    private const HEAD = '/^[\s>*_]*rinkel piece (\d{1,3}):[ \t]*(\S.*?)[\s*_]*$/imu';

    /** Things of which a piece has several, each by its name. */
    private const NAMED = ['cords', 'beads', 'findings', 'samples', 'knots'];

    /** A line for each of its texts, which can have anything in it. */
    private const CREDIT = 'credit';

    /** What stands for itself, whatever it looks like. */
    private const TEXTS = ['for'];

    /** Deeper or longer is no piece. */
    private const LINES = 2000;

    public function __construct(private PieceWriter $writer = new PieceWriter()) {}

    public function write(PieceSpec $piece): string
    {
        $document = $this->writer->write($piece);
        $lines = ['Rinkel piece '.PieceReader::VERSION.': '.$piece->name];
        $pattern = $document['pattern'] ?? null;
        foreach (array_diff_key($document, array_flip(['format', 'version', 'name', 'pattern'])) as $field => $value) {
            if (!\is_array($value)) {
                $lines[] = $field.': '.self::said($value);
                continue;
            }
            if (self::CREDIT === $field) {
                foreach ($value as $name => $text) {
                    $lines[] = $field.' '.$name.': '.self::said($text);
                }
                continue;
            }
            foreach (\in_array($field, self::NAMED, true) ? $value : ['' => $value] as $name => $thing) {
                $lines[] = trim($field.' '.$name).': '.implode('; ', self::flat(\is_array($thing) ? $thing : [], ''));
            }
        }

        return implode("\n", [
            ...$lines,
            ...(\is_string($pattern) ? ['pattern:', trim($pattern)] : []),
            'end',
        ])."\n";
    }

    public function knows(string $text): bool
    {
        return !str_starts_with(ltrim($text), '{') && 1 === preg_match(self::HEAD, mb_scrub($text));
    }

    public function pieces(string $text): array
    {
        // Messengers make quotes round, hyphens long and spaces unbreakable.
        $text = strtr(mb_scrub($text), ['“' => '"', '”' => '"', '„' => '"', "\u{a0}" => ' ', "\r" => '']);
        preg_match_all(self::HEAD, $text, $heads, \PREG_SET_ORDER);
        $heads = \array_slice($heads, 0, DesignsFile::MOST + 1);
        $bodies = \array_slice(preg_split(self::HEAD, $text) ?: [], 1, \count($heads));

        return array_map(self::json(...), $heads, $bodies);
    }

    /**
     * @param array<string> $head  how it begins: as it stands there, its version and its name
     * @param string        $below what follows, up to the next
     */
    private static function json(array $head, string $below): string
    {
        $lines = \array_slice(explode("\n", $below), 0, self::LINES);
        $document = [
            'format' => PieceReader::FORMAT, 'version' => (int) ($head[1] ?? 0), 'name' => $head[2] ?? '',
        ];
        $pattern = null;
        foreach ($lines as $line) {
            $line = trim((string) preg_replace('/^\s*>\s?/u', '', $line));
            if ('end' === strtolower($line)) {
                break;
            }
            if (null !== $pattern) {
                $pattern[] = $line;
            } elseif ('pattern:' === strtolower($line)) {
                $pattern = [];
            } elseif ('' !== $line) {
                self::read($document, $line);
            }
        }
        if (null !== $pattern) {
            $document['pattern'] = trim(implode("\n", $pattern));
        }

        return (string) json_encode($document, \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION);
    }

    /**
     * @param array<mixed> $document added to
     */
    private static function read(array &$document, string $line): void
    {
        [$field, $said] = array_map(trim(...), explode(':', $line, 2) + ['', '']);
        [$of, $name] = explode(' ', $field, 2) + ['', ''];
        if (\in_array($of, self::NAMED, true)) {
            $document[$of] = \is_array($document[$of] ?? null) ? $document[$of] : [];
            $document[$of][$name] = self::thing($said);
        } elseif (self::CREDIT === $of) {
            $document[$of] = [$name => $said] + (\is_array($document[$of] ?? null) ? $document[$of] : []);
        } elseif (\in_array($field, ['wearer', 'closure', 'habits'], true)) {
            $document[$field] = self::thing($said);
        } else {
            $document[$field] = self::value($field, $said);
        }
    }

    /**
     * @return array<mixed>
     */
    private static function thing(string $said): array
    {
        $thing = [];
        foreach (preg_split('/\s*;\s*/', trim($said), flags: \PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            [$path, $value] = explode(' ', $part, 2) + ['', ''];
            $at = &$thing;
            $steps = explode('.', $path);
            foreach (\array_slice($steps, 0, -1) as $step) {
                $at[$step] = \is_array($at[$step] ?? null) ? $at[$step] : [];
                $at = &$at[$step];
            }
            $at[$steps[\count($steps) - 1] ?? ''] = self::value($path, trim($value));
            unset($at);
        }

        return $thing;
    }

    private static function value(string $path, string $text): mixed
    {
        return match (true) {
            \in_array($path, self::TEXTS, true) => $text,
            'findings' === $path => preg_split('/\s*,\s*/', $text, flags: \PREG_SPLIT_NO_EMPTY),
            'yes' === $text => true,
            'no' === $text => false,
            1 === preg_match('/^-?\d{1,9}$/D', $text) => (int) $text,
            1 === preg_match('/^-?\d{1,9}\.\d{1,12}$/D', $text) => (float) $text,
            default => $text,
        };
    }

    /**
     * @param array<mixed> $thing
     *
     * @return list<string>
     */
    private static function flat(array $thing, string $under): array
    {
        $said = [];
        foreach ($thing as $name => $value) {
            $path = $under.$name;
            if (\is_array($value) && !array_is_list($value)) {
                array_push($said, ...self::flat($value, $path.'.'));
            } else {
                $said[] = $path.' '.self::said($value);
            }
        }

        return $said;
    }

    private static function said(mixed $value): string
    {
        return match (true) {
            \is_array($value) => implode(', ', array_map(self::said(...), $value)),
            \is_bool($value) => $value ? 'yes' : 'no',
            $value instanceof \Stringable, \is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
