<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Doctrine\DBAL\Connection;
use Rinkel\App\Platform\Database\Aside;
use Rinkel\Core\Plan\Plan;

/**
 * Notes what a maker has seen of each plan, beside the piece: its version says what they changed, not what they saw.
 */
final readonly class SeenPlans
{
    public function __construct(
        private Connection $connection,
        private Aside $aside,
        private Evidence $evidence,
    ) {}

    /**
     * Returns what is seen of a piece once its plan is shown.
     */
    public function of(StoredPiece $stored, Plan $plan): SeenPlan
    {
        return SeenPlan::now(
            $stored->document(),
            $this->evidence->evidence(),
            $plan,
        )->after(SeenPlan::read($stored->seen()));
    }

    public function note(StoredPiece $stored, SeenPlan $seen): void
    {
        if ($seen->kept() !== $stored->seen()) {
            $this->aside->note(
                'piece',
                ['seen' => json_encode($seen->kept(), \JSON_THROW_ON_ERROR)],
                ['id' => $stored->id()],
            );
        }
    }

    /**
     * Notes that a maker saw what became another by itself.
     */
    public function know(StoredPiece $stored): void
    {
        $seen = SeenPlan::read($stored->seen());
        if (null !== $seen) {
            $this->connection->update(
                'piece',
                ['seen' => json_encode(array_diff_key($seen->kept(), ['was' => 0]), \JSON_THROW_ON_ERROR)],
                ['id' => $stored->id()],
            );
        }
    }
}
