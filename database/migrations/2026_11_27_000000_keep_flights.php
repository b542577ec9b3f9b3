<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Recordings as they came, flights, packs, upkeep, fields: what happens away from the bench. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('recordings', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->string('sha256')->unique();
            $table->string('name');
            $table->unsignedBigInteger('bytes');
            $table->string('format');
            $table->json('report');
            $table->timestamp('created_at');
        });
        Schema::create('packs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->string('label');
            $table->unsignedInteger('cells');
            $table->float('capacity');
            $table->string('plug');
            $table->float('grams')->nullable();
            $table->string('note')->default('');
            $table->date('retired_on')->nullable();
            $table->timestamps();
        });
        Schema::create('pack_acts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('pack_id')->constrained('packs')->cascadeOnDelete();
            $table->string('kind');
            $table->date('done_on');
            $table->float('mah')->nullable();
            $table->float('milliohms')->nullable();
            $table->string('note')->default('');
            $table->index(['pack_id', 'done_on']);
        });
        Schema::create('flights', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->foreignId('recording_id')->nullable()->constrained('recordings')->nullOnDelete();
            $table->unsignedInteger('place')->default(0);
            $table->foreignId('aircraft_id')->nullable()->constrained('aircraft')->nullOnDelete();
            $table->string('aircraft_name');
            $table->unsignedInteger('revision')->nullable();
            $table->dateTime('flown_at')->nullable();
            $table->float('seconds')->nullable();
            $table->string('site')->default('');
            $table->string('pilot')->default('');
            $table->foreignId('pack_id')->nullable()->constrained('packs')->nullOnDelete();
            $table->float('charged')->nullable();
            $table->string('weather')->default('');
            $table->text('note');
            $table->json('facts');
            $table->json('marks');
            $table->timestamps();
            $table->index('flown_at');
            $table->index(['aircraft_id', 'flown_at']);
        });
        Schema::create('upkeep', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('aircraft_id')->constrained('aircraft')->cascadeOnDelete();
            $table->string('part');
            $table->string('did');
            $table->date('done_on');
            $table->unsignedInteger('every_flights')->nullable();
            $table->unsignedInteger('every_months')->nullable();
            $table->float('grams_before')->nullable();
            $table->float('grams_after')->nullable();
            $table->string('note')->default('');
            $table->timestamps();
        });
        Schema::create('fields', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->string('name');
            $table->json('outline');
            $table->json('runway');
            $table->float('height')->nullable();
            $table->timestamps();
        });
        // Small documents of which there is one each: how columns were mapped, a balance, who flies on which channel.
        Schema::create('papers', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->string('about');
            $table->json('content');
            $table->timestamps();
            $table->unique(['kind', 'about']);
        });
    }
};
