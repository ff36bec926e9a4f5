<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** What was checked of a student, a coach's own cards, putters, and the part of a session a ball belongs to. */
return new class extends Migration {
    public function up(): void
    {
        // Like balls: written by the projector from the log, and made anew from it.
        Schema::create('check_tries', function (Blueprint $table): void {
            $table->char('id', 26)->primary();
            $table->foreignUlid('practice_session_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('green_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 40);
            $table->unsignedBigInteger('at_ms');
            $table->json('answers');
            $table->index(['student_id', 'at_ms']);
            $table->index('practice_session_id');
        });
        Schema::create('card_sights', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('practice_session_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->string('card', 40);
            $table->string('point', 40);
            $table->string('sight', 20);
            $table->string('word', 200)->nullable();
            $table->unsignedBigInteger('at_ms');
            $table->index(['student_id', 'at_ms']);
            $table->index('practice_session_id');
        });
        Schema::create('cards', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained();
            $table->string('key', 40);
            $table->json('content');
            $table->timestamps();
            $table->unique(['bench_id', 'key']);
        });
        Schema::create('putters', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->double('length_m')->nullable();
            $table->double('lie_deg')->nullable();
            $table->double('loft_deg')->nullable();
            $table->double('head_g')->nullable();
            $table->string('sole', 20)->nullable();
            $table->string('mark', 120)->nullable();
            $table->timestamps();
            $table->unique(['student_id', 'name']);
        });
        // Whatever was in use is a putter like any other, not measured yet.
        foreach (
            DB::table('students')
                ->whereNotNull('putter')
                ->orderBy('id')
                ->get(['id', 'bench_id', 'coach_id', 'putter', 'created_at'])
            as $student
        ) {
            DB::table('putters')->insert([
                'id' => strtolower((string) Str::ulid()),
                'bench_id' => $student->bench_id,
                'coach_id' => $student->coach_id,
                'student_id' => $student->id,
                'name' => $student->putter,
                'created_at' => $student->created_at,
                'updated_at' => $student->created_at,
            ]);
        }
        Schema::table('students', fn(Blueprint $table) => $table->json('about')->nullable());
        Schema::table('benches', fn(Blueprint $table) => $table->json('schools')->nullable());
        Schema::table('balls', function (Blueprint $table): void {
            $table->string('part', 20)->nullable();
            $table->string('disturbances', 200)->default('[]');
        });
        Schema::table('practice_sessions', function (Blueprint $table): void {
            $table->json('during')->default('{"part":null,"disturbances":[]}');
            $table->json('kit_out')->default('[]');
            $table->string('kit_word', 300)->nullable();
            $table->unsignedBigInteger('latest_ms')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table(
            'practice_sessions',
            fn(Blueprint $table) => $table->dropColumn(['during', 'kit_out', 'kit_word', 'latest_ms']),
        );
        Schema::table('balls', fn(Blueprint $table) => $table->dropColumn(['part', 'disturbances']));
        Schema::table('benches', fn(Blueprint $table) => $table->dropColumn('schools'));
        Schema::table('students', fn(Blueprint $table) => $table->dropColumn('about'));
        array_map(Schema::dropIfExists(...), ['putters', 'cards', 'card_sights', 'check_tries']);
    }
};
