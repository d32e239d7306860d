<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Material\Cord as Material;

/**
 * One physical cord, as it is cut: where its two ends part, it is folded or the piece begins on it.
 */
final class WorkCord
{
    public readonly string $id;
    public readonly End $a;
    public readonly End $b;

    /**
     * @param string $role       as the piece calls it
     * @param Task   $task       what it does in the piece
     * @param int    $number     from 1, of its role
     * @param bool   $folds      whether it is folded where its ends part; else the piece begins there
     * @param bool   $oneWay     whether only its end b is worked, from its tip a on
     * @param bool   $isLater    whether it is cut when its turn comes, not with the others
     * @param bool   $isFree     whether what is left of its ends does not matter, as of elastic
     * @param bool   $isUnmarked whether nobody marks where its ends part
     * @param int    $place      from 1, which it is of strands that lie in an order and are cut one by one; else 0
     */
    public function __construct(
        public readonly string $role,
        public readonly Task $task,
        public readonly int $number,
        public readonly Material $material,
        public readonly bool $folds,
        public readonly bool $oneWay = false,
        public readonly bool $isLater = false,
        public readonly bool $isFree = false,
        public readonly bool $isUnmarked = false,
        public readonly int $place = 0,
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
        return $this->oneWay ? [$this->b] : [$this->a, $this->b];
    }
}
