<?php

declare(strict_types=1);

namespace Rinkel\Core\Line\Exception;

use Rinkel\Core\Failure;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Quoted;

/**
 * A part of a pattern that the piece cannot have: a knot its construction does not tie, a bead it does not know.
 */
final class PartDoesNotSuit extends \InvalidArgumentException implements Failure
{
    private static function at(Node $part, string $sentence): self
    {
        $place = $part->place();

        return new self(
            (null === $place ? '' : \sprintf('Line %d, column %d: ', $place->line, $place->column)).$sentence,
        );
    }

    /**
     * @param list<string> $known
     */
    public static function unknownName(Node $part, string $name, array $known): self
    {
        return self::at($part, \sprintf(
            'Nothing here is called %s. %s',
            new Quoted($name),
            [] === $known ? 'The piece has no beads or findings yet.' : 'It could be '.implode(', ', $known).'.',
        ));
    }

    public static function notTied(Node $part, string $what): self
    {
        return self::at($part, \sprintf('This construction has no %s.', $what));
    }

    public static function tooMany(Node $part, int $most): self
    {
        return self::at($part, \sprintf('The pattern comes to more than %d parts.', $most));
    }

    public static function tooManyFits(Node $part, int $most): self
    {
        return self::at($part, \sprintf('At most %d parts can share the room with "fit".', $most));
    }

    public static function tooManyToFit(int $most): self
    {
        return new self(\sprintf('What is to fit is so short that it would take more than %d parts.', $most));
    }

    public static function fitInFit(Node $part): self
    {
        return self::at($part, 'A "fit" cannot stand inside another, nor in a centre.');
    }
}
