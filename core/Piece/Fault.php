<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Place;

/**
 * One thing wrong in a piece document: where, and what is expected and what stood there.
 *
 * The path is dotted: "wearer.wrist".
 */
final readonly class Fault
{
    /**
     * @param Place|null $place within the text that stands at the path
     */
    public function __construct(
        public string $path,
        public Message $said,
        public ?Place $place = null,
    ) {}
}
