<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Bindings, tests at the bench and checklists become acts: one store, each with the fingerprint of what it tested. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('acts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('aircraft_id')->constrained('aircraft')->cascadeOnDelete();
            $table->string('kind');
            $table->string('about');
            $table->unsignedInteger('revision');
            // Nothing where it was kept before there were fingerprints: then what its revision says counts.
            $table->string('fingerprint')->nullable();
            $table->json('items');
            $table->string('note')->nullable();
            $table->timestamp('created_at');
            $table->index(['aircraft_id', 'kind', 'about']);
        });
        foreach (DB::table('checks')->orderBy('id')->get() as $check) {
            DB::table('acts')->insert([
                'aircraft_id' => $check->aircraft_id, 'kind' => $check->list === 'binding' ? 'bind' : 'check', 'about' => $check->list, 'revision' => $check->revision,
                'fingerprint' => null, 'items' => $check->items, 'note' => $check->reason, 'created_at' => $check->created_at,
            ]);
        }
        Schema::drop('checks');
    }
};
