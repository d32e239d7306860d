<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Failure;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\Posterior;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Stretch;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * Reads the hand by which a piece was planned once, as Hand::facts() wrote it down: the door at which it is checked
 * that something can be computed with it.
 *
 * @internal
 */
final class HandReader
{
    /** Of what is unknown of a hand: each kind of knot and each cord has two (judgement). */
    private const MOST = 200;

    private const MOST_TOLD = 1_000_000;

    /**
     * @param array<mixed> $facts
     *
     * @throws PieceUnreadable If it is no hand
     */
    public static function read(array $facts): Hand
    {
        $told = $facts['told'] ?? null;
        [$pulled, $knows] = [$facts['pulled'] ?? null, $facts['knows'] ?? null];
        if (!\is_int($told) || $told < 0 || $told > self::MOST_TOLD || !\is_array($pulled) || !\is_array($knows)) {
            throw self::unread('hand');
        }
        $posteriors = [];
        foreach ($knows as $said => $known) {
            if ('' !== $said && null === Tension::tryFrom((string) $said)) {
                throw self::unread('hand.knows');
            }
            $posteriors[(string) $said] = self::posterior(\is_array($known) ? $known : [], 'hand.knows.'.$said);
        }

        return Hand::known($told, self::pulled($pulled), $posteriors);
    }

    /**
     * @param array<mixed> $pulled
     *
     * @return array<string, Stretch>
     */
    private static function pulled(array $pulled): array
    {
        $read = [];
        foreach (\count($pulled) > self::MOST ? throw self::unread('hand.pulled') : $pulled as $cord => $text) {
            try {
                $read[(string) $cord] = Stretch::parse(\is_string($text) ? $text : '');
            } catch (Failure) {
                throw self::unread('hand.pulled');
            }
        }

        return $read;
    }

    /**
     * @param array<mixed> $known
     */
    private static function posterior(array $known, string $path): Posterior
    {
        $names = $known['names'] ?? null;
        $names = \is_array($names) ? array_values(array_filter($names, is_string(...))) : [];
        $size = \count($names);
        $factor = $known['factor'] ?? null;
        $factor = \is_array($factor) ? array_values($factor) : [];
        if (
            0 === $size || $size > self::MOST || 'push' !== $names[0] || \count($factor) !== $size
            || \count(array_unique($names)) !== $size
        ) {
            throw self::unread($path);
        }
        $rows = [];
        foreach ($factor as $i => $row) {
            $rows[] = self::numbers($row, $i + 1, $path);
            if ($rows[$i][$i] <= 0.0) {
                throw self::unread($path);
            }
        }

        return Posterior::known(
            $names,
            self::numbers($known['spreads'] ?? null, $size, $path),
            self::numbers($known['means'] ?? null, $size, $path),
            $rows,
        );
    }

    /**
     * @return non-empty-list<float>
     */
    private static function numbers(mixed $numbers, int $count, string $path): array
    {
        $read = [];
        foreach (\is_array($numbers) ? $numbers : [] as $number) {
            if ((!\is_float($number) && !\is_int($number)) || !is_finite((float) $number)) {
                throw self::unread($path);
            }
            $read[] = (float) $number;
        }

        return [] !== $read && \count($read) === $count ? $read : throw self::unread($path);
    }

    private static function unread(string $path): PieceUnreadable
    {
        return PieceUnreadable::at($path, new Message('hand-unread'));
    }
}
