<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Material\Cord as Material;

/**
 * One physical cord, as it is cut: where its two ends part, it is folded or the piece begins on it.
 *
 * @internal
 */
final class WorkCord
{
    public readonly string $id;
    public readonly End $a;
    public readonly End $b;

    /**
     * @param string $role   as the piece calls it
     * @param Task   $task   what it does in the piece
     * @param int    $number from 1, of its role
     */
    public function __construct(
        public readonly string $role,
        public readonly Task $task,
        public readonly int $number,
        public readonly Material $material,
        public readonly Handling $handling,
    ) {
        $this->id = $role.'.'.$number;
        $this->a = new End($this->id.'.a', $this);
        $this->b = new End($this->id.'.b', $this);
    }

    /**
     * @return list<End>
     */
    public function ends(): array
    {
        return $this->handling->oneWay ? [$this->b] : [$this->a, $this->b];
    }
}
