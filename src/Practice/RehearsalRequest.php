<?php

declare(strict_types=1);

namespace Rinkel\App\Practice;

use Rinkel\App\Platform\LooseData;
use Symfony\Component\HttpFoundation\Request;

/**
 * Where somebody is in a rehearsal, as its address says it.
 */
final readonly class RehearsalRequest
{
    private const MOST = 1_000_000;

    /**
     * @param int    $at      moves that are done
     * @param int    $missed  slips so far
     * @param string $chosen  key of what was chosen now; "" of nothing
     * @param bool   $isShown whether Rinkel makes the moves
     */
    public function __construct(
        public int $at = 0,
        public int $missed = 0,
        public string $chosen = '',
        public bool $isShown = false,
    ) {}

    public static function of(Request $request): self
    {
        $asked = LooseData::query($request);

        return new self(
            $asked->exact('at', 0, self::MOST) ?? 0,
            $asked->exact('missed', 0, self::MOST) ?? 0,
            $asked->like('choose', '/^[0-9a-f]{8}$/D'),
            '1' === $asked->raw('watch'),
        );
    }

    /**
     * @return array<string, int|string> as its address says it
     */
    public function query(int $at): array
    {
        return ['at' => $at] + (0 === $this->missed ? [] : ['missed' => $this->missed])
            + ($this->isShown ? ['watch' => 1] : []);
    }
}
