<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece\Exception;

use Rinkel\Core\Failure;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Place;
use Rinkel\Core\Piece\Fault;

/**
 * A piece document with at least one fault; carries all of them.
 */
final class PieceUnreadable extends \InvalidArgumentException implements Failure
{
    /**
     * @param non-empty-list<Fault> $faults
     */
    private function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", array_map(
            static fn (Fault $fault): string => $fault->path.': '.$fault->said,
            $faults,
        )));
    }

    /**
     * @param non-empty-list<Fault> $faults
     */
    public static function because(array $faults): self
    {
        return new self($faults);
    }

    public static function at(string $path, Message $said, ?Place $place = null): self
    {
        return new self([new Fault($path, $said, $place)]);
    }

    public function said(): Message
    {
        return $this->faults[0]->said;
    }

    /**
     * @return array<string, non-empty-list<Fault>> by the path of its field
     */
    public function byPath(): array
    {
        $faults = [];
        foreach ($this->faults as $fault) {
            $faults[$fault->path][] = $fault;
        }

        return $faults;
    }
}
