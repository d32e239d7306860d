<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Files;

/**
 * Reads JSON from outside within bounds: of bytes, of depth, and of lists and objects, each of which takes some hundred
 * bytes of memory however short it is written.
 */
final class Json
{
    private const DEPTH = 32;
    private const MOST_CONTAINERS = 60_000;

    /**
     * @param int $most bytes
     *
     * @return array<mixed>
     *
     * @throws \JsonException If it is longer, deeper or of more parts than that, or no list or object
     */
    public static function read(string $text, int $most): array
    {
        if (\strlen($text) > $most) {
            throw new \JsonException('it is longer than '.intdiv($most, 1000).' kB');
        }
        if (substr_count($text, '{') + substr_count($text, '[') > self::MOST_CONTAINERS) {
            throw new \JsonException('it has more than '.self::MOST_CONTAINERS.' parts');
        }
        $document = json_decode($text, true, self::DEPTH, \JSON_THROW_ON_ERROR);

        return \is_array($document) ? $document : throw new \JsonException('it is no object');
    }

    /**
     * Returns the objects in lists of a document, one by one as texts, without reading the whole.
     *
     * @param resource     $stream  of a document that is an object
     * @param list<string> $lists   names of the lists, all at its top
     * @param int          $longest bytes of one object
     *
     * @return iterable<array{string, string}> the list, and the text of an object in it
     *
     * @throws \JsonException If an object is longer than that
     */
    public static function rows($stream, array $lists, int $longest): iterable
    {
        [$buffer, $at, $depth, $start] = ['', 0, 0, null];
        [$name, $list] = ['', ''];
        while (true) {
            $next = $at + strcspn($buffer, '"{}[]', $at);
            $end = $next;
            if ('"' === ($buffer[$next] ?? '')) {
                $end = self::endOfString($buffer, $next);
            }
            if ($end >= \strlen($buffer)) {
                // What is not wanted any more goes; then some more comes.
                $from = $start ?? min($next, \strlen($buffer));
                if (\strlen($buffer) - $from > $longest) {
                    throw new \JsonException('a part of it is longer than '.intdiv($longest, 1000).' kB');
                }
                // As much again each time, so that a long string is not gone through for each piece of it.
                $more = stream_get_contents($stream, max(65_536, \strlen($buffer) - $from));
                if (false === $more || '' === $more) {
                    return;
                }
                $buffer = substr($buffer, $from).$more;
                $at = ($start ?? $from) === $from && null !== $start ? max(0, $next - $from) : 0;
                $start = null === $start ? null : 0;
                continue;
            }
            switch ($buffer[$next]) {
                case '"':
                    $name = 1 === $depth ? substr($buffer, $next + 1, $end - $next - 1) : $name;
                    break;
                case '{':
                case '[':
                    if (1 === $depth) {
                        $list = '[' === $buffer[$next] ? $name : '';
                    } elseif (2 === $depth && '{' === $buffer[$next] && \in_array($list, $lists, true)) {
                        $start = $next;
                    }
                    ++$depth;
                    break;
                default:
                    --$depth;
                    if (2 === $depth && null !== $start) {
                        yield [$list, substr($buffer, $start, $next + 1 - $start)];
                        $start = null;
                    }
            }
            $at = $end + 1;
        }
    }

    /**
     * Returns the place of the quote that ends a string, or the length of the text when it is not in it.
     */
    private static function endOfString(string $text, int $quote): int
    {
        $at = $quote + 1;
        $all = \strlen($text);
        while ($at < $all) {
            $at += strcspn($text, '"\\', $at);
            if ('\\' !== ($text[$at] ?? '')) {
                return $at;
            }
            $at += 2;
        }

        return $all;
    }
}
