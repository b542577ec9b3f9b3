<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** An aircraft keeps its name for machines when it is restored on another one: backups know it by that. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('aircraft', fn (Blueprint $table) => $table->string('uuid')->nullable());
        foreach (DB::table('aircraft')->pluck('id') as $id) {
            DB::table('aircraft')->where('id', $id)->update(['uuid' => (string) Str::uuid()]);
        }
        Schema::table('aircraft', fn (Blueprint $table) => $table->unique('uuid'));
    }
};
