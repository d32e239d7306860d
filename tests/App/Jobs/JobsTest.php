<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Jobs;

use Psr\Log\NullLogger;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\App\Jobs\DoJob;
use Rinkel\App\Jobs\Job;
use Rinkel\App\Jobs\JobProgress;
use Rinkel\App\Jobs\Jobs;
use Rinkel\App\Jobs\JobState;
use Rinkel\App\Jobs\LongWork;
use Rinkel\App\Workshop\Workshop;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Messenger\Envelope;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Process\Process;

final class JobsTest extends WebCase
{
    private string $folder;

    /** @var list<string> uids in the order in which a worker was asked for them */
    private array $queued = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/rinkel-jobs-'.getmypid();
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->run();
        parent::tearDown();
    }

    public function testItIsToldHowFarAJobIs(): void
    {
        $jobs = $this->jobs(static function (array $asked, string $folder, JobProgress $progress): array {
            $progress->of(3);
            for ($i = 0; $i < 3; ++$i) {
                usleep(250_000);
                $progress->step();
            }
            file_put_contents($folder.'/made.txt', \is_string($asked['text'] ?? null) ? $asked['text'] : '');

            return ['file' => 'made.txt', 'name' => 'what you asked for.txt'];
        });
        $uid = $jobs->begin('toy', ['text' => 'twelve cords']);
        self::assertSame([$uid], $this->queued);
        $waiting = $jobs->find($uid);
        self::assertSame(JobState::Waiting, $waiting?->state);
        self::assertNull($jobs->file($waiting));
        $jobs->do($uid);
        $done = $jobs->find($uid);
        self::assertNotNull($done);
        self::assertSame(JobState::Done, $done->state);
        [$path, $name] = $jobs->file($done) ?? ['', ''];
        self::assertSame('what you asked for.txt', $name);
        self::assertStringEqualsFile($path, 'twelve cords');
        self::assertEquals($done, Job::read($done->json()));
    }

    public function testWhatIsCancelledEnds(): void
    {
        $jobs = $this->jobs(static function (array $asked, string $folder, JobProgress $progress): array {
            touch($folder.'/cancelled'); // as the page does it meanwhile
            $progress->of(1000);
            for ($i = 0; $i < 1000; ++$i) {
                usleep(1000);
                $progress->step();
            }

            return [];
        });
        $jobs->do($uid = $jobs->begin('toy'));
        self::assertSame(JobState::Cancelled, $jobs->find($uid)?->state);

        // Before a worker took it, too: then nobody does.
        $job = $jobs->find($next = $jobs->begin('toy'));
        self::assertNotNull($job);
        $jobs->cancel($job);
        self::assertSame(JobState::Cancelled, $jobs->find($next)?->state);
        $jobs->do($next);
        self::assertSame(JobState::Cancelled, $jobs->find($next)?->state);
    }

    public function testAJobIsDoneOnceAndByThePageWhereNoWorkerIs(): void
    {
        $times = 0;
        $clock = new MockClock('2026-12-01 08:00');
        $jobs = $this->jobs(static function () use (&$times): array {
            ++$times;

            return ['to' => 'data', 'with' => ['taken' => 4]];
        }, $clock);
        $job = $jobs->find($uid = $jobs->begin('toy'));
        self::assertNotNull($job);
        self::assertSame(JobState::Waiting, $jobs->look($job)->state, 'a worker may still come');
        $clock->sleep(4);
        self::assertSame(4, $jobs->waits());
        self::assertSame(JobState::Done, $jobs->look($job)->state);
        $jobs->do($uid); // the worker comes after all
        self::assertSame(1, $times);
        self::assertSame(0, $jobs->waits());

        $clock->sleep(90_000);
        touch($this->folder.'/'.$uid, $clock->now()->getTimestamp() - 90_000);
        $jobs->begin('toy');
        self::assertNull($jobs->find($uid), 'it goes after a day');
    }

    public function testWhatFailsSaysSo(): void
    {
        $jobs = $this->jobs(static fn (): array => throw new \RuntimeException('of all things'));
        $jobs->do($uid = $jobs->begin('toy'));
        self::assertSame(JobState::Failed, $jobs->find($uid)?->state);
        foreach (['', '../../etc/passwd', str_repeat('0', 32)] as $none) {
            self::assertNull($jobs->find($none));
        }
    }

    /**
     * @param \Closure(array<mixed>, string, JobProgress): array<mixed> $does
     */
    private function jobs(\Closure $does, ?MockClock $clock = null): Jobs
    {
        $work = new class($does) implements LongWork {
            public function __construct(private readonly \Closure $does) {}

            public function word(): string
            {
                return 'toy';
            }

            public function do(array $asked, string $folder, JobProgress $progress): array
            {
                $result = ($this->does)($asked, $folder, $progress);
                \assert(\is_array($result));

                return $result;
            }
        };
        $bus = new class(function (string $uid): void {
            $this->queued[] = $uid;
        }) implements MessageBusInterface {
            public function __construct(private readonly \Closure $heard) {}

            public function dispatch(object $message, array $stamps = []): Envelope
            {
                if ($message instanceof DoJob) {
                    ($this->heard)($message->uid);
                }

                return new Envelope($message);
            }
        };

        return new Jobs(
            $bus,
            $clock ?? new MockClock(),
            new Randomizer(new Mt19937(7)),
            self::getContainer()->get(Workshop::class),
            new NullLogger(),
            [$work],
            $this->folder,
        );
    }
}
